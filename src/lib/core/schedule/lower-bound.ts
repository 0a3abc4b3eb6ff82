import { hands, handsMinOf, holdsOven, ovenSharedK, type Task } from './task.ts';

/** Minutes each task takes at least: heating an oven that another task may have heated takes none. */
export function leastMin(tasks: readonly Task[]): (task: Task) => number {
	const ovens = tasks.filter(holdsOven);
	return (task) => {
		if (!task.heats || task.ovenC === undefined) return task.durationMin;
		const { ovenC } = task;
		const shared = ovens.some(
			(other) =>
				other !== task &&
				!(other.after ?? []).includes(task.id) &&
				Math.abs(other.ovenC - ovenC) <= ovenSharedK
		);
		return shared ? 0 : task.durationMin;
	};
}

/** Minutes from the start of each task to the end of the day along what follows it; Infinity in a circle. */
export function tailsMin(
	tasks: readonly Task[],
	minutesOf: (task: Task) => number = ({ durationMin }) => durationMin
): Map<string, number> {
	const followers = new Map<string, Task[]>(tasks.map((task) => [task.id, []]));
	for (const task of tasks) for (const id of task.after ?? []) followers.get(id)?.push(task);
	const tails = new Map<string, number>();
	const open = new Set<string>();
	const tail = (task: Task): number => {
		const known = tails.get(task.id);
		if (known !== undefined) return known;
		if (open.has(task.id)) return Infinity;
		open.add(task.id);
		let most = 0;
		for (const next of followers.get(task.id) ?? []) most = Math.max(most, tail(next));
		open.delete(task.id);
		const value = minutesOf(task) + most;
		tails.set(task.id, value);
		return value;
	};
	for (const task of tasks) tail(task);
	return tails;
}

/** A reason a day cannot be shorter: the chain that begins with a task, or the work of a resource over its capacity. */
export type BoundPart =
	| { kind: 'chain'; firstTask: string; minutes: number }
	| { kind: 'resource'; name: string; minutes: number };

/**
 * Minutes one oven is busy at least, since it has one temperature at a time: temperatures that cannot share it follow each other,
 * each for its longest task, heated once.
 */
function ovenWorkMin(tasks: readonly Task[], minutesOf: (task: Task) => number): number {
	const byC = new Map<number, { longest: number; heating: number }>();
	for (const task of tasks.filter(holdsOven)) {
		const own = byC.get(task.ovenC) ?? { longest: 0, heating: 0 };
		if (task.heats) own.heating = Math.max(own.heating, minutesOf(task));
		else own.longest = Math.max(own.longest, task.durationMin);
		byC.set(task.ovenC, own);
	}
	let sum = 0;
	let last = -Infinity;
	for (const [ovenC, { longest, heating }] of [...byC].sort(([a], [b]) => a - b)) {
		if (ovenC - last <= ovenSharedK) continue;
		sum += longest + heating;
		last = ovenC;
	}
	return sum;
}

/** Every reason, the longest first; of chains only the longest. */
export function boundParts(
	tasks: readonly Task[],
	capacity: Readonly<Record<string, number>>
): BoundPart[] {
	const minutesOf = leastMin(tasks);
	const tails = tailsMin(tasks, minutesOf);
	let chain: BoundPart = { kind: 'chain', firstTask: '', minutes: 0 };
	const work: Record<string, number> = {};
	const workMin = (name: string, task: Task) =>
		name === hands ? handsMinOf(task, minutesOf(task)) : minutesOf(task);
	for (const task of tasks) {
		const from = task.fixedStartMin ?? task.notBeforeMin ?? 0;
		const minutes = from + (tails.get(task.id) ?? 0);
		if (minutes > chain.minutes) chain = { kind: 'chain', firstTask: task.id, minutes };
		for (const [name, amount] of Object.entries(task.uses ?? {}))
			work[name] = (work[name] ?? 0) + amount * workMin(name, task);
	}
	if (work.oven)
		work.oven = Math.max(work.oven, ovenWorkMin(tasks, minutesOf) * (capacity.oven ?? 0));
	const resources = Object.entries(work).flatMap(([name, minutes]): BoundPart[] =>
		(capacity[name] ?? 0) > 0 ? [{ kind: 'resource', name, minutes: minutes / capacity[name] }] : []
	);
	return [chain, ...resources].sort((a, b) => b.minutes - a.minutes);
}

/**
 * Minutes no schedule can go under: the longest chain (from its fixed start where one is given), and for each resource the work it
 * must do over its capacity.
 */
export const lowerBoundMin = (
	tasks: readonly Task[],
	capacity: Readonly<Record<string, number>>
): number => boundParts(tasks, capacity)[0].minutes;
