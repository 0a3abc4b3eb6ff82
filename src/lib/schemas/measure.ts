import * as yup from 'yup';
import type { Habit } from '../present/habit.ts';
import * as w from '../present/wording/index.ts';
import { amount, ticked } from './fields.ts';

const words = w.measure;
const needed = words.needed;

/** Cold water in a slow cooker on low. */
export function waterTestSchema(habit: Habit) {
	return yup.object({
		waterL: amount('volume', habit, { label: words.water, min: 0.5, max: 10 }).required(
			needed({ label: words.water })
		),
		startC: amount('temperature', habit, { label: words.waterStart, min: 1, max: 40 }).required(
			needed({ label: words.waterStart })
		),
		afterMin: amount('minutes', habit, { label: words.hours, min: 30, max: 720 }).required(
			needed({ label: words.hours })
		),
		waterC: amount('temperature', habit, { label: words.waterNow, min: 1, max: 100 }).required(
			needed({ label: words.waterNow })
		)
	});
}

/** Come-up of a pressure cooker with cold water. */
export function comeUpSchema(habit: Habit) {
	return yup.object({
		waterL: amount('volume', habit, { label: words.water, min: 0.25, max: 8 }).required(
			needed({ label: words.water })
		),
		startC: amount('temperature', habit, { label: words.waterStart, min: 1, max: 40 }).required(
			needed({ label: words.waterStart })
		),
		comeUpMin: amount('minutes', habit, { label: words.comeUp, min: 1, max: 120 }).required(
			needed({ label: words.comeUp })
		)
	});
}

/** An oven's true air against what is set. */
export function ovenAirSchema(habit: Habit) {
	return yup.object({
		setC: amount('temperature', habit, { label: words.ovenSet, min: 60, max: 260 }).required(
			needed({ label: words.ovenSet })
		),
		trueC: amount('temperature', habit, { label: words.ovenTrue, min: 40, max: 300 }).required(
			needed({ label: words.ovenTrue })
		),
		fan: ticked()
	});
}
