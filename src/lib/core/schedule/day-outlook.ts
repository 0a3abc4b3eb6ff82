import { boundParts } from './lower-bound.ts';
import type { CoolingWayName } from '../cooling/cooling-ways.ts';
import { coolId, withoutTasks, type DayTask } from './day-tasks.ts';
import { scheduleDay } from './schedule-day.ts';
import { hands } from './task.ts';

/** Something that would make the day shorter, and by how much. */
export type DayHelp =
	| { kind: 'one-more'; resource: string; gainMin: number }
	| { kind: 'evening-before'; tasks: string[]; gainMin: number }
	| { kind: 'drop-dish'; dishId: number; gainMin: number }
	| { kind: 'cool-faster'; dishId: number; way: CoolingWayName; gainMin: number };

export interface DayOutlook {
	/** what the day cannot go under, and why: a resource, or the dish at the end of the longest chain */
	heldBy: { kind: 'resource'; name: string } | { kind: 'dish'; dishId: number };
	/** what would help, the most first */
	helps: DayHelp[];
}

/** Gains below this are within what the search misses, minutes. */
const worthMin = 5;
const fewMoves = 40;

/**
 * What holds a day back and what would help, each tried by planning the day anew: one more of a resource, what can be done the
 * evening before (vegetables cut, a dish's meat cooked through and chilled), a quicker way to cool, a dish less.
 */
export function dayOutlook(input: {
	tasks: readonly DayTask[];
	capacity: Readonly<Record<string, number>>;
	endMin: number;
	changeoverMin?: number;
	order?: readonly string[];
	seed?: number;
	/** quicker ways to cool, by dish */
	faster?: readonly { dishId: number; way: CoolingWayName; minutes: number }[];
}): DayOutlook {
	const { tasks, capacity, endMin } = input;
	const [part] = boundParts(tasks, capacity);
	const endWith = (change: { tasks?: readonly DayTask[]; capacity?: Record<string, number> }) => {
		const plan = scheduleDay({
			...input,
			tasks: [...(change.tasks ?? tasks)],
			capacity: { ...capacity, ...change.capacity },
			iterations: fewMoves
		});
		return plan.outcome === 'infeasible' ? Infinity : plan.endMin;
	};
	const helps: DayHelp[] = [];
	const offer = (help: DayHelp) => {
		if (help.gainMin >= worthMin) helps.push(help);
	};
	const scarce = [hands, 'burner', 'oven', 'pressure-cooker', 'ice-bath'].filter((name) =>
		tasks.some((task) => (task.uses?.[name] ?? 0) > 0)
	);
	for (const resource of scarce) {
		const more = { [resource]: (capacity[resource] ?? 0) + 1 };
		offer({ kind: 'one-more', resource, gainMin: endMin - endWith({ capacity: more }) });
	}
	for (const evening of eveningWork(tasks)) {
		const left = withoutTasks(tasks, new Set(evening));
		offer({ kind: 'evening-before', tasks: evening, gainMin: endMin - endWith({ tasks: left }) });
	}
	for (const { dishId, way, minutes } of input.faster ?? []) {
		const quick = tasks.map((task) =>
			task.id === coolId(dishId) ? { ...task, durationMin: minutes, uses: { 'ice-bath': 1 } } : task
		);
		offer({ kind: 'cool-faster', dishId, way, gainMin: endMin - endWith({ tasks: quick }) });
	}
	const dishIds = [...new Set(tasks.flatMap((task) => task.dishIds))];
	if (dishIds.length > 1)
		for (const dishId of dishIds) {
			const left = withoutDish(tasks, dishId);
			offer({ kind: 'drop-dish', dishId, gainMin: endMin - endWith({ tasks: left }) });
		}
	helps.sort((a, b) => b.gainMin - a.gainMin);
	const chainDish =
		part.kind === 'chain' ? tasks.find(({ id }) => id === part.firstTask)?.dishIds[0] : undefined;
	return {
		heldBy:
			part.kind === 'resource'
				? { kind: 'resource', name: part.name }
				: { kind: 'dish', dishId: chainDish ?? dishIds[0] },
		helps
	};
}

/** Sets of tasks that can be done the evening before: all vegetables cut; a dish's cooking that begins with its meat. */
function eveningWork(tasks: readonly DayTask[]): string[][] {
	const cut = tasks
		.filter((task) => task.kind === 'chop' && task.hygiene === 'raw-vegetable')
		.map(({ id }) => id);
	const byId = new Map(tasks.map((task) => [task.id, task]));
	/** a task and all that comes before it */
	const upTo = (id: string, found = new Set<string>()): Set<string> => {
		if (found.has(id)) return found;
		found.add(id);
		for (const before of byId.get(id)?.after ?? []) upTo(before, found);
		return found;
	};
	const meats = tasks
		.filter((task) => task.cooksThrough)
		.map(({ id }) => [...upTo(id)].filter((before) => !cut.includes(before)));
	return [...(cut.length ? [cut] : []), ...meats];
}

/** The day without one dish: what is cut for others, too, is cut for them in the share that is left. */
export function withoutDish(tasks: readonly DayTask[], dishId: number): DayTask[] {
	const own = (task: DayTask) => task.dishIds.length === 1 && task.dishIds[0] === dishId;
	const gone = new Set(tasks.filter(own).map(({ id }) => id));
	return withoutTasks(tasks, gone).map((task) =>
		task.dishIds.includes(dishId)
			? {
					...task,
					durationMin: (task.durationMin * (task.dishIds.length - 1)) / task.dishIds.length,
					dishIds: task.dishIds.filter((id) => id !== dishId)
				}
			: task
	);
}
