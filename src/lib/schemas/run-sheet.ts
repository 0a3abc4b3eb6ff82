import * as yup from 'yup';
import * as w from '../present/wording/index.ts';
import { kitchenResources, mostOf } from './choices.ts';
import { asClock, clockFromText } from './clock-text.ts';

/** A typed time as HH:MM. */
const clockField = () =>
	yup
		.string()
		.transform((typed: unknown) => {
			const text = typeof typed === 'string' ? typed.trim() : '';
			const time = text === '' ? null : clockFromText(text);
			return text === '' ? undefined : time ? asClock(time) : 'bad';
		})
		.notOneOf(['bad'], w.runSheet.clockBad);

export interface Pause {
	fromClock: string;
	minutes: number;
}

/** "12:30 for 30 min, 3 pm for 10 min"; null when a part of it is none. */
export function pausesFromText(typed: string): Pause[] | null {
	const parts = typed
		.split(/[,;]/)
		.map((part) => part.trim())
		.filter(Boolean);
	const pauses = parts.map((part): Pause | null => {
		const match = /^(.+?)\s+(?:for\s+)?(\d{1,3})\s*(?:min(?:utes)?)?$/i.exec(part);
		const time = match && clockFromText(match[1]);
		const minutes = Number(match?.[2] ?? 0);
		return time && minutes > 0 && minutes <= 240 ? { fromClock: asClock(time), minutes } : null;
	});
	return pauses.every((pause) => pause !== null) ? pauses : null;
}

/** How the kitchen is on a day: what there is of each, when it begins, by when it is to be done, breaks. */
export const dayRunSchema = () =>
	yup.object({
		startClock: clockField().required(w.runSheet.clockBad),
		deadlineClock: clockField().optional(),
		pauses: yup
			.mixed<Pause[]>()
			.transform((_, typed: unknown) => pausesFromText(typeof typed === 'string' ? typed : ''))
			.test('pauses', w.runSheet.pausesBad, (value) => value != null),
		...Object.fromEntries(
			kitchenResources.map((name) => {
				const message = w.runSheet.numberBad({
					what: w.runSheet.resources[name],
					most: mostOf[name]
				});
				return [
					name,
					yup
						.number()
						.transform((value: number, typed: unknown) =>
							typeof typed === 'string' && !/^\d{1,2}$/.test(typed.trim()) ? NaN : value
						)
						.typeError(message)
						.integer(message)
						.min(name === 'hands' ? 1 : 0, message)
						.max(mostOf[name], message)
						.required(message)
				];
			})
		)
	});
