import * as yup from 'yup';
import { goodKinds, goodPlaces } from '../core/rules/index.ts';
import type { Habit } from '../present/habit.ts';
import * as w from '../present/wording/index.ts';
import { amount, oneOf, ticked } from './fields.ts';
import { numberFromText } from './quantity-text.ts';

/** A defrosting day; what is left empty is as usual. */
export const defrostSchema = (habit: Habit, roomC: number) =>
	yup.object({
		roomC: amount('temperature', habit, { label: w.defrost.room, min: -10, max: 40 }).default(
			roomC
		),
		blanketM: amount('length', habit, { label: w.defrost.blanket, min: 0, max: 0.3 }).default(0.04),
		startC: amount('temperature', habit, { label: w.defrost.start, min: -40, max: -12 }).default(
			-18
		)
	});

/** What is asked about something that stood. */
export const stillGoodSchema = yup.object({
	kind: oneOf(goodKinds, w.stillGood.kind).required(),
	place: oneOf(goodPlaces, w.stillGood.place).required(),
	amount: yup
		.number()
		.transform((_, typed: unknown) => {
			const text = String(typed ?? '').trim();
			return text === '' ? null : numberFromText(text);
		})
		.nullable()
		.typeError(w.stillGood.bad)
		.min(0, w.stillGood.bad)
		.max(5000, w.stillGood.bad)
		.default(null),
	reheated: ticked(),
	swollen: ticked()
});
