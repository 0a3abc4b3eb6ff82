import * as yup from 'yup';
import { mostBareHours, possibleMin } from '../core/published/index.ts';
import * as w from '../present/wording/index.ts';
import { durationText } from '../present/time.ts';
import type { Habit } from '../present/units.ts';
import { amount } from './fields.ts';
import { numberFromText } from './quantity-text.ts';

export type TimedAppliance = keyof typeof possibleMin;

/** A recipe's time in an appliance: a bare number is minutes, in a slow cooker hours; what cannot be is asked about. */
export function instructionTime(label: string, habit: Habit) {
	const field = amount('minutes', habit, { label, min: 0, max: 24 * 60 });
	const within = (appliance: TimedAppliance) => {
		const { least, most } = possibleMin[appliance];
		const message = w.dishChecks.timePossible({
			label,
			appliance: w.dishChecks.appliances[appliance],
			least: durationText(least),
			most: durationText(most)
		});
		return (schema: yup.NumberSchema) => schema.min(least, message).max(most, message);
	};
	const inHours = (schema: yup.NumberSchema) =>
		schema.transform((value: unknown, original: unknown) => {
			const bare = numberFromText(String(original ?? ''));
			return bare > 0 && bare <= mostBareHours ? bare * 60 : value;
		});
	return field
		.when('appliance', {
			is: 'slow-cooker',
			then: (s) => within('slow-cooker')(inHours(s) as yup.NumberSchema)
		})
		.when('appliance', { is: 'pressure-cooker', then: within('pressure-cooker') })
		.when('appliance', { is: 'oven', then: within('oven') });
}
