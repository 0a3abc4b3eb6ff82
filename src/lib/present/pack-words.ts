import type { PackPlan } from '../core/packing/index.ts';
import { massText, type Habit } from './units.ts';
import * as w from './wording/index.ts';

/** Why a portion cannot be packed so, with the most that fits. */
export function packRefusalText(
	plan: Exclude<PackPlan, { outcome: 'planned' }>,
	massKg: number,
	habit: Habit
): string {
	return plan.outcome === 'too-much'
		? w.packDishAnswers.tooMuch({ most: massText(plan.mostKg, habit) })
		: w.packDishAnswers.otherWeight({
				held: massText(plan.heldKg, habit),
				typed: massText(massKg, habit)
			});
}
