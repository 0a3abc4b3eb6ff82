import type { CoolingWayName } from '../cooling/cooling-ways.ts';
import { dayOutlook, type DayOutlook } from './day-outlook.ts';
import type { DayTask } from './day-tasks.ts';
import { replanDay, type Replan, type TaskState } from './replan-day.ts';
import { hands } from './task.ts';

export interface OrderOfWorkInput {
	tasks: DayTask[];
	states: Record<string, TaskState>;
	nowMin: number;
	capacity: Record<string, number>;
	slow01?: Record<string, number>;
	pauses: { id: string; fromMin: number; minutes: number }[];
	changeoverMin?: number;
	order?: string[];
	iterations: number;
	faster?: { dishId: number; way: CoolingWayName; minutes: number }[];
	/** also says what holds the day back and what would help: takes several more plans */
	withOutlook: boolean;
}

export interface OrderedDay {
	plan: Replan;
	/** what was planned: the day's tasks and its pauses */
	tasks: DayTask[];
	outlook: DayOutlook | null;
}

/** Plans a day, or what is left of it, around its pauses; on request with what holds it back. */
export function orderOfWork(input: OrderOfWorkInput): OrderedDay {
	const { capacity, nowMin } = input;
	const pauses = input.pauses
		.filter(({ fromMin, minutes }) => fromMin + minutes > nowMin)
		.map(({ id, fromMin, minutes }): DayTask => ({
			id,
			kind: 'pause',
			text: '',
			dishIds: [],
			work: '',
			baseMin: minutes,
			durationMin: minutes,
			uses: { [hands]: capacity[hands] ?? 1 },
			fixedStartMin: Math.max(0, fromMin)
		}));
	const states = { ...input.states };
	for (const { id, fixedStartMin = 0 } of pauses)
		if (fixedStartMin < nowMin) states[id] = { startedMin: fixedStartMin };
	const tasks = [...input.tasks, ...pauses];
	const plan = replanDay({ ...input, tasks, states });
	const outlook =
		input.withOutlook && plan.outcome !== 'infeasible'
			? dayOutlook({ ...input, tasks, endMin: plan.endMin })
			: null;
	return { plan, tasks, outlook };
}
