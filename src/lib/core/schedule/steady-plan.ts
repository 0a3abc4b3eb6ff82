import { requireRange } from '../require-range.ts';
import { buildSchedule, sumOfWaits, type Built } from './build-schedule.ts';
import { lowerBoundMin } from './lower-bound.ts';
import { movedTasks } from './moved-tasks.ts';
import { scheduleDay } from './schedule-day.ts';
import { byPriority, idsInOrder, linkedOrder, listBy, tiedBlocks } from './task-lists.ts';
import { sameMin, type DayInput, type DaySchedule, type SearchWatch, type Task } from './task.ts';

/** What a plan that keeps to the one before may take longer than the best found, as a share of the whole day. */
const patience01 = 0.03;
/** Cuts of the day between which tasks are let go in turn. */
const cuts = 8;
/** Lists put down while looking for a steady plan. */
const mostLists = 100;

export interface SteadyInput extends DayInput {
	/** where tasks were planned to begin, minutes from now; what is not named is new */
	before: Readonly<Record<string, number>>;
	/** minutes of the day that are over: the patience is a share of the whole */
	overMin?: number;
}

/**
 * A day planned anew so that little moves: tasks keep their order and begin where they were planned, or as soon after as they can.
 * Where the day would get more than three in a hundred longer than planned freely, tasks of a part of it are let go, as few as
 * possible; only when that does not help is it planned freely.
 */
export function steadyPlan(input: SteadyInput, watch: SearchWatch = {}): DaySchedule {
	const { tasks, capacity, before, overMin = 0 } = input;
	const changeoverMin = requireRange('changeoverMin', input.changeoverMin ?? 5, 0, 240);
	const ids = idsInOrder(before);
	const free = scheduleDay({ ...input, order: ids }, { shouldStop: watch.shouldStop });
	const order = linkedOrder(tasks);
	if (!order || ids.length === 0) return free;
	const bound = lowerBoundMin(tasks, capacity);
	const budget = { puts: mostLists * tasks.length };
	const startOf = (task: Task) => before[task.id] ?? Infinity;
	const lists = [listBy(order, startOf), byPriority(tiedBlocks(order), (task) => -startOf(task))];
	const lastMin = Math.max(0, ...ids.map((id) => before[id]));
	const floorsFor = (fromMin: number, toMin: number) =>
		new Map(
			tasks.flatMap((task): [string, number][] => {
				const at = before[task.id];
				return at === undefined || at < sameMin || (at >= fromMin && at < toMin)
					? []
					: [[task.id, at]];
			})
		);
	let best: { built: Built; moved: number } | null = null;
	const mostMin =
		free.outcome === 'infeasible'
			? Infinity
			: overMin * patience01 + free.endMin * (1 + patience01) + sameMin;
	const offer = (fromMin: number, toMin: number) => {
		for (const list of lists) {
			if (budget.puts <= 0) return;
			const rules = { capacity, changeoverMin, pastWaits: input.pastWaits };
			const floors = floorsFor(fromMin, toMin);
			const built = buildSchedule(list, { ...rules, floors }, budget);
			if (!built || built.placement.endMin() > mostMin) continue;
			if (sumOfWaits(built.overWaitMin) > sumOfWaits(free.overWaitMin) + 1) continue;
			const { startMin } = built.placement.found();
			const moved = movedTasks(startMin, before).length;
			const nearer =
				best && moved === best.moved && built.placement.endMin() < best.built.placement.endMin();
			if (!best || moved < best.moved || nearer) best = { built, moved };
		}
	};
	offer(Infinity, Infinity);
	const few = Math.ceil(ids.length / 20);
	const isSteady = () => best !== null && (best as { moved: number }).moved <= few;
	const step = (lastMin + 1) / cuts;
	for (let width = 1; width <= cuts && !isSteady(); width++)
		for (let at = 0; at + width <= cuts; at++) offer(at * step, (at + width) * step);
	const found = best as { built: Built; moved: number } | null;
	if (!found) return free;
	if (free.outcome !== 'infeasible' && movedTasks(free.startMin, before).length < found.moved)
		return free;
	const kept = found.built.placement.found();
	return {
		...kept,
		...(input.pastWaits && { overWaitMin: found.built.overWaitMin }),
		lowerBoundMin: bound,
		outcome: kept.endMin <= bound + sameMin ? 'optimal' : 'budget'
	};
}
