import * as yup from 'yup';
import { routeNames } from '../core/serving/index.ts';
import type { Habit } from '../present/habit.ts';
import * as w from '../present/wording/index.ts';
import { amount, oneOf, text, wholeNumber } from './fields.ts';
import { outcomes } from './choices.ts';

const words = w.cookLog;
/** What a cook writes down afterwards: which way (its place among the ways of the card), minutes, core, verdict. */
export function cookLogSchema(habit: Habit) {
	return yup.object({
		way: wholeNumber({ label: words.way, min: 0, max: 20 }).required(words.wayWhich),
		route: oneOf(routeNames, words.from).required(words.fromWhich),
		setMin: amount('minutes', habit, { label: words.minutes, min: 0, max: 24 * 60 }).required(
			words.minutesHow
		),
		coreC: amount('temperature', habit, { label: words.core, min: 5, max: 110 }),
		outcome: oneOf(outcomes, words.outcome),
		note: text(words.note, 500)
	});
}
