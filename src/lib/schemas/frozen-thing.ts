import * as yup from 'yup';
import type { Habit } from '../present/units.ts';
import * as w from '../present/wording/index.ts';
import { frozenWhen, type FrozenWhen } from './frozen-when.ts';
import { amount, day, oneOf, text, wholeNumber, rowNumber } from './fields.ts';
import { storageGroups } from './choices.ts';

/** Something that lies in the freezer already, as much of it as is known. */
export function frozenThingSchema(habit: Habit, today: string) {
	const say = w.already;
	return yup.object({
		name: text(say.name, 120).required(say.nameMissing),
		count: wholeNumber({ label: say.count, min: 1, max: 100 }).default(1),
		servings: wholeNumber({ label: say.servings, min: 1, max: 24 }).default(1),
		massKg: amount('mass', habit, { label: say.mass, min: 0.005, max: 20 }).default(0.5),
		frozen: yup
			.mixed<FrozenWhen>()
			.nullable()
			.transform((_, original) => frozenWhen(String(original ?? ''), habit, today))
			.default(() => ({ day: null, known: 'unknown' }) as const)
			.test('when', say.whenBad, (value) => value !== null),
		group: oneOf(storageGroups, say.group),
		/** null: as its name says */
		state: oneOf(['raw', 'cooked'] as const, say.state)
			.nullable()
			.default(null),
		makerBestBy: day(say.maker, habit, today),
		boughtOn: day(say.bought, habit, today),
		cookedOn: day(say.cooked, habit, today),
		shelfId: rowNumber().typeError(say.shelfMissing).required(say.shelfMissing)
	});
}

export type FrozenThing = Omit<yup.InferType<ReturnType<typeof frozenThingSchema>>, 'frozen'> & {
	frozen: FrozenWhen;
};
