import type { PackPlan } from '../core/packing/pack-plan.ts';
import { massText, type Habit } from './units.ts';
import { w } from './wording/index.ts';

/** Why a portion cannot be packed so, with the most that fits. */
export function packRefusalText(
	plan: Exclude<PackPlan, { outcome: 'planned' }>,
	massKg: number,
	habit: Habit
): string {
	return plan.outcome === 'too-much'
		? w.packDishAnswers.weightOfEachThis(massText(plan.mostKg, habit))
		: w.packDishAnswers.thicknessABlockOf(massText(plan.heldKg, habit), massText(massKg, habit));
}
