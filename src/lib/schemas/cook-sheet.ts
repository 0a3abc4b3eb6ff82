import * as yup from 'yup';
import { applianceNames } from '../core/appliances/index.ts';
import type { Habit } from '../present/habit.ts';
import * as w from '../present/wording/index.ts';
import { amount, oneOf, text, wholeNumber } from './fields.ts';

const words = w.cookSheet;

/** A reading of the core while it cooks. */
export const coreSchema = (habit: Habit) =>
	yup.object({
		core: amount('temperature', habit, { label: words.reading, min: -30, max: 110 }).required(
			words.noTemp
		)
	});

/** Something served with a meal, with its own minutes. */
export const sideSchema = (habit: Habit) =>
	yup.object({
		name: text(words.sideName, 60).required(words.sideBad),
		minutes: amount('minutes', habit, { label: words.sideMin, min: 1, max: 300 }).required(
			words.sideBad
		),
		uses: oneOf(applianceNames, words.sideUses)
	});

/** What is left after a meal. */
export const leftSchema = yup.object({
	left: wholeNumber({ label: words.leftServings, min: 0, max: 100 })
});
