import * as yup from 'yup';
import { destinations } from '../core/menu/index.ts';
import type { Habit } from '../present/habit.ts';
import * as w from '../present/wording/index.ts';
import { day, rowNumber } from './fields.ts';

const words = w.menuDay;

export function daySchema(habit: Habit, today: string) {
	return yup.object({ onDay: day(words.onDay, habit, today).required(words.dayNeeded) });
}

export const dayDishSchema = yup.object({
	dishId: rowNumber().typeError(words.chooseWhich).required(words.chooseWhich)
});

/** What a screen sends of one planned dish: how often, and where its portions go. */
export const plannedSchema = yup.object({
	batches: yup.number().integer().min(1).max(20).required(),
	portions: yup
		.array(
			yup
				.object({
					to: yup
						.string()
						.oneOf([...destinations])
						.required(),
					packs: yup.number().integer().min(1).max(99).required(),
					servings: yup.number().integer().min(1).max(99).required()
				})
				.required()
		)
		.max(12)
		.required()
});
