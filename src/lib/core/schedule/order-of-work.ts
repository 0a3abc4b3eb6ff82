import { chooseCoolings, withCoolings, type CoolingOption } from './choose-coolings.ts';
import { dayOutlook, type DayOutlook } from './day-outlook.ts';
import { dayTasks, type DayTask, type DayTasksInput } from './day-tasks.ts';
import { replanDay, type Replan, type TaskState } from './replan-day.ts';
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
	/** that plan was made for just this */
	asBefore?: boolean;
	iterations: number;
	/** also says what holds the day back and what would help: plans the day anew for each */
	withOutlook: boolean;
}

export interface OrderedDay {
	plan: Replan;
	/** what was planned: the day's tasks and its pauses */
	tasks: DayTask[];
	/** by dish */
	ways: Record<string, CoolingOption>;
	outlook: DayOutlook | null;
}

/** Plans a day, or what is left of it, around its pauses; on request with the ways its dishes are cooled and what holds it back. */
export function orderOfWork(input: OrderOfWorkInput, watch: SearchWatch = {}): OrderedDay {
	const found = planned(input, input.day, watch);
	const outlook =
		input.withOutlook && found.plan.outcome !== 'infeasible'
			? dayOutlook({
					day: input.day,
					tasks: found.tasks,
					endMin: found.plan.endMin,
					endWith: (day) => {
						const order = Object.keys(found.plan.startMin).sort(
							(a, b) => found.plan.startMin[a] - found.plan.startMin[b]
						);
						const { plan } = planned({ ...input, order }, day, {
							shouldStop: watch.shouldStop
						});
						return plan.outcome === 'infeasible' ? Infinity : plan.endMin;
					},
					shouldStop: watch.shouldStop
				})
			: null;
	return { ...found, outlook };
}

/** One day planned: its ways to cool, its tasks, its order; where cut meat would lie too long it is put back. */
function planned(
	input: OrderOfWorkInput,
	day: DayTasksInput,
	watch: SearchWatch
): Omit<OrderedDay, 'outlook'> {
	const { capacity } = day;
	const own = Object.fromEntries(
		Object.entries(input.ways ?? {}).filter(([id]) =>
			day.dishes.some((dish) => `${dish.id}` === id)
		)
	);
	const ways = chooseCoolings(day, own, input.changeoverMin);
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
