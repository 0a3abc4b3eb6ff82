import type { CoolingWayName } from '../cooling/cooling-ways.ts';
import { chooseCoolings, withCoolings, type CoolingOption } from './choose-coolings.ts';
import { dayOutlook, type DayOutlook } from './day-outlook.ts';
import { dayTasks, type DayTask, type DayTasksInput } from './day-tasks.ts';
import { replanDay, type Replan, type TaskState } from './replan-day.ts';
import { idsInOrder } from './task-lists.ts';
import { hands, type SearchWatch } from './task.ts';

export interface OrderOfWorkInput {
	day: DayTasksInput;
	/** ways to cool that pass, by dish, the least effort first; dishes that are not named stay as they are */
	ways?: Record<string, CoolingOption[]>;
	states: Record<string, TaskState>;
	nowMin: number;
	slow01?: Record<string, number>;
	pauses: { id: string; fromMin: number; minutes: number }[];
	changeoverMin?: number;
	/** ids in the order of the plan so far: the search starts from it, too */
	order?: string[];
	/** where the plan so far has its tasks begin: what can stays there */
	before?: Record<string, number>;
	/** ways it is cooled so far, by dish */
	startWays?: Record<string, CoolingWayName>;
	iterations: number;
}

export interface OrderedDay {
	plan: Replan;
	/** what was planned: the day's tasks and its pauses */
	tasks: DayTask[];
	/** by dish */
	ways: Record<string, CoolingOption>;
}

/** What holds a planned day back, and what would help, is asked with the question it was planned by. */
export interface OutlookInput {
	question: OrderOfWorkInput;
	found: OrderedDay;
}

/**
 * What holds a planned day back and what would help: each is planned as it would be if the cook did that, from the plan as it is, so
 * that what is promised is what comes.
 */
export function outlookOf({ question, found }: OutlookInput, watch: SearchWatch = {}): DayOutlook {
	const { plan, tasks } = found;
	const order = idsInOrder(plan.startMin);
	const startWays = waysOf(found.ways);
	return dayOutlook({
		day: question.day,
		tasks,
		endMin: plan.endMin,
		endWith: (day) => {
			const asked = { ...question, day, order, startWays };
			const changed = orderOfWork(asked, { shouldStop: watch.shouldStop }).plan;
			return changed.outcome === 'infeasible' ? Infinity : changed.endMin;
		},
		watch
	});
}

const waysOf = (ways: Record<string, CoolingOption>): Record<string, CoolingWayName> =>
	Object.fromEntries(Object.entries(ways).map(([id, { way }]) => [id, way]));

/**
 * Plans a day, or what is left of it, around its pauses: the ways its dishes are cooled, its tasks, their order; where cut meat would
 * lie too long it is put back.
 */
export function orderOfWork(input: OrderOfWorkInput, watch: SearchWatch = {}): OrderedDay {
	const { day } = input;
	const { capacity } = day;
	const own = Object.fromEntries(
		Object.entries(input.ways ?? {}).filter(([id]) =>
			day.dishes.some((dish) => `${dish.id}` === id)
		)
	);
	const ways = chooseCoolings(day, own, input.startWays, input.changeoverMin);
	const pauses = pauseTasks(input, capacity[hands] ?? 1);
	const states = { ...input.states };
	for (const { id, fixedStartMin = 0 } of pauses)
		if (fixedStartMin < input.nowMin) states[id] = { startedMin: fixedStartMin };
	const cooled = withCoolings(day, ways);
	const planWith = (putBack: boolean) => {
		const tasks = [...dayTasks({ ...cooled, putBack }), ...pauses];
		return { tasks, ways, plan: replanDay({ ...input, capacity, tasks, states }, watch) };
	};
	const found = planWith(day.putBack ?? false);
	const leftOut = found.plan.waitedTooLong.length > 0 || found.plan.outcome === 'infeasible';
	if (day.putBack || !leftOut) return found;
	const back = planWith(true);
	return back.plan.waitedTooLong.length < found.plan.waitedTooLong.length ? back : found;
}

const pauseTasks = ({ pauses, nowMin }: OrderOfWorkInput, cooks: number): DayTask[] =>
	pauses
		.filter(({ fromMin, minutes }) => fromMin + minutes > nowMin)
		.map(({ id, fromMin, minutes }): DayTask => ({
			id,
			kind: 'pause',
			text: '',
			dishIds: [],
			work: '',
			baseMin: minutes,
			durationMin: minutes,
			uses: { [hands]: cooks },
			fixedStartMin: Math.max(0, fromMin)
		}));
