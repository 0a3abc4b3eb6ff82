import { expectedMin, type TaskState } from './replan-day.ts';
import { sameMin, type DaySchedule, type Task } from './task.ts';

/** A plan a day had, and what it was made for: when a change is taken back, the plan before it is the plan again. */
export interface EarlierPlan extends Pick<
	DaySchedule,
	'startMin' | 'endMin' | 'changeovers' | 'cooks' | 'alreadyHot'
> {
	/** of what it was made for; the same again means the same */
	of: string;
}

/** Whether a plan that was made for this very day and these very deeds can still be kept: nothing in it is missed or overdue. */
export function stillHolds(
	plan: Pick<EarlierPlan, 'startMin' | 'alreadyHot'>,
	tasks: readonly Task[],
	states: Readonly<Record<string, TaskState>>,
	nowMin: number,
	slow01: Readonly<Record<string, number>> = {}
): boolean {
	return tasks.every((task) => {
		const { startedMin, endedMin, skipped, extraMin } = states[task.id] ?? {};
		if (endedMin !== undefined || skipped || plan.alreadyHot.includes(task.id)) return true;
		if (startedMin !== undefined)
			return startedMin + expectedMin(task, extraMin, slow01) >= nowMin - sameMin;
		return (plan.startMin[task.id] ?? -Infinity) >= nowMin - sameMin;
	});
}
