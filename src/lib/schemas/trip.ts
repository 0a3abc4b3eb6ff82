import * as yup from 'yup';
import type { Habit } from '../present/habit.ts';
import * as w from '../present/wording/index.ts';
import { amount, oneOf, wholeNumber } from './fields.ts';

/** A cool box for packs on a journey; what is left empty is as usual. */
export function tripSchema(habit: Habit) {
	const words = w.trip;
	return yup.object({
		kind: oneOf(['hard', 'soft'], words.kind).default('hard'),
		volumeL: amount('volume', habit, { label: words.volume, min: 3, max: 150 }).default(25),
		iceKg: amount('mass', habit, { label: words.ice, min: 0, max: 30 }).default(0),
		ambientC: amount('temperature', habit, { label: words.ambient, min: -10, max: 45 }).default(25),
		openings: wholeNumber({ label: words.openings, min: 0, max: 100 }).default(2)
	});
}
