import * as yup from 'yup';
import {
	applianceNames,
	hobLevels,
	type Method,
	methodKey
} from '../../../core/appliances/index.ts';
import { type RouteName, routeNames } from '../../../core/serving/index.ts';

const method = yup
	.object({
		appliance: yup
			.string()
			.oneOf([...applianceNames])
			.required(),
		setting: yup.string().oneOf(['low', 'high']),
		release: yup.string().oneOf(['natural', 'quick']),
		ovenC: yup.number().min(30).max(350),
		covered: yup.boolean(),
		level: yup.string().oneOf([...hobLevels]),
		powerW: yup.number().min(100).max(3000),
		bathC: yup.number().min(30).max(100),
		circulated: yup.boolean()
	})
	.noUnknown()
	.strict();

/** A way as a form names it. */
export const wayKey = (of: Method, route: RouteName): string => `${route} ${methodKey(of)}`;

/** A way read back from what a form names it by; null when it is none. */
export function wayOfKey(key: string): { method: Method; route: RouteName } | null {
	const at = key.indexOf(' ');
	const route = routeNames.find((name) => name === key.slice(0, at));
	if (!route) return null;
	try {
		const entries: unknown = JSON.parse(key.slice(at + 1));
		if (!Array.isArray(entries)) return null;
		const value = Object.fromEntries(entries as [string, unknown][]);
		return method.isValidSync(value) ? { method: value as unknown as Method, route } : null;
	} catch (error) {
		// not written by a page of ours
		if (error instanceof SyntaxError || error instanceof TypeError) return null;
		throw error;
	}
}
