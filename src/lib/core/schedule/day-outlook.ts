import { boundParts } from './lower-bound.ts';
import { withCompanions, type DayTask, type DayTasksInput } from './day-tasks.ts';
import { hands, type SearchWatch } from './task.ts';

/** Something that would make the day shorter, and by how much. */
export type DayHelp =
	| { kind: 'one-more'; resource: string; gainMin: number }
	| { kind: 'evening-before'; tasks: string[]; gainMin: number }
	| { kind: 'drop-dish'; dishId: number; gainMin: number };

export interface DayOutlook {
	/** what the day cannot go under, and why: a resource, or the dish at the end of the longest chain */
	heldBy: { kind: 'resource'; name: string } | { kind: 'dish'; dishId: number };
	/** what would help, the most first */
	helps: DayHelp[];
}

/** Gains below this are within what the search misses, minutes. */
const worthMin = 5;
/** What a kitchen can have one more of; a shelf is no second oven. */
const scarce = [hands, 'burner', 'oven', 'pressure-cooker', 'ice-bath'] as const;

/**
 * What holds a day back and what would help: one more of a resource, what can be done the evening before (vegetables cut, a dish's
 * meat cooked through and chilled), a dish less. `endWith` plans the changed day as it would be planned if the cook did that, so that
 * what is promised is what comes.
 */
export function dayOutlook(input: {
	day: DayTasksInput;
	/** of the day as it is */
	tasks: readonly DayTask[];
	endMin: number;
	endWith(day: DayTasksInput): number;
	watch?: SearchWatch;
}): DayOutlook {
	const { day, tasks, endMin, watch = {} } = input;
	const { capacity } = day;
	const [part] = boundParts(tasks, capacity);
	const helps: DayHelp[] = [];
	const evenings = eveningWork(tasks);
	const questions = scarce.length + evenings.length + day.dishes.length;
	let asked = 0;
	const offer = (changed: DayTasksInput, help: (gainMin: number) => DayHelp) => {
		if (watch.shouldStop?.()) return;
		watch.onStep?.(asked++ / questions);
		const gainMin = endMin - input.endWith(changed);
		if (gainMin >= worthMin) helps.push(help(gainMin));
	};
	for (const resource of scarce)
		if (tasks.some((task) => (task.uses?.[resource] ?? 0) > 0))
			offer({ ...day, capacity: oneMore(capacity, resource) }, (gainMin) => ({
				kind: 'one-more',
				resource,
				gainMin
			}));
	for (const evening of evenings) {
		const doneBefore = [...(day.doneBefore ?? []), ...evening];
		offer({ ...day, doneBefore }, (gainMin) => ({
			kind: 'evening-before',
			tasks: evening,
			gainMin
		}));
	}
	if (day.dishes.length > 1)
		for (const { id } of day.dishes) {
			const dishes = day.dishes.filter((dish) => dish.id !== id);
			offer({ ...day, dishes }, (gainMin) => ({ kind: 'drop-dish', dishId: id, gainMin }));
		}
	helps.sort((a, b) => b.gainMin - a.gainMin);
	const chainDish =
		part.kind === 'chain' ? tasks.find(({ id }) => id === part.firstTask)?.dishIds[0] : undefined;
	return {
		heldBy:
			part.kind === 'resource'
				? { kind: 'resource', name: part.name }
				: { kind: 'dish', dishId: chainDish ?? day.dishes[0].id },
		helps
	};
}

export const oneMore = (
	capacity: Readonly<Record<string, number>>,
	resource: string
): Record<string, number> => ({ ...capacity, [resource]: (capacity[resource] ?? 0) + 1 });

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
		.map(({ id }) =>
			[...withCompanions(tasks, upTo(id))].filter(
				(before) => byId.has(before) && !cut.includes(before)
			)
		);
	return [...(cut.length ? [cut] : []), ...meats];
}
