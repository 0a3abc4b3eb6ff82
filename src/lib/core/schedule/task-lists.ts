import { CoreError } from '../errors.ts';
import { tailsMin } from './lower-bound.ts';
import { waitAfter, type Task } from './task.ts';

/** A wait no longer than this ties two tasks: they are put down together, minutes. */
const tiedMin = 30;

/** What must be put down before a task: what it waits for, and what it happens within. */
const before = (task: Task): string[] =>
	task.within ? [...(task.after ?? []), task.within.id] : (task.after ?? []);

const isTied = (task: Task, id: string): boolean =>
	task.within?.id === id || Math.min(task.maxWaitMin ?? Infinity, waitAfter(task, id)) <= tiedMin;

/** The tasks so that each comes after what it waits for; null for a circle. Throws for a predecessor that is none. */
export function linkedOrder(tasks: readonly Task[]): Task[] | null {
	const byId = new Map(tasks.map((task) => [task.id, task]));
	for (const task of tasks)
		for (const id of before(task))
			if (!byId.has(id)) throw new CoreError('unknown-task', { task: task.id, after: id });
	if (byId.size !== tasks.length) throw new CoreError('unknown-task', { task: 'twice' });
	const order: Task[] = [];
	const done = new Set<string>();
	while (order.length < tasks.length) {
		const ready = tasks.filter(
			(task) => !done.has(task.id) && before(task).every((id) => done.has(id))
		);
		if (ready.length === 0) return null;
		for (const task of ready) {
			order.push(task);
			done.add(task.id);
		}
	}
	return order;
}

/**
 * Tasks that may hardly wait for each other, as one block each, so that a list does not put something between them: what they wait
 * for from outside stands before the whole block.
 */
export function tiedBlocks(order: readonly Task[]): Task[][] {
	const blockOf = new Map<string, Task[]>();
	for (const task of order) {
		let block: Task[] = [task];
		for (const id of before(task)) {
			const other = blockOf.get(id);
			if (!other || other === block || !isTied(task, id)) continue;
			block = [...other, ...block];
			for (const one of block) blockOf.set(one.id, block);
		}
		for (const one of block) blockOf.set(one.id, block);
	}
	const place = new Map(order.map((task, i) => [task.id, i]));
	return [...new Set(blockOf.values())].map((block) =>
		heatedLast(block.sort((a, b) => (place.get(a.id) ?? 0) - (place.get(b.id) ?? 0)))
	);
}

/** Oven heating right before what it is for: put down first it would be in the way of what leads there. */
function heatedLast(block: readonly Task[]): Task[] {
	const heating = block.filter(({ heats }) => heats);
	const put = new Set<Task>();
	return block.flatMap((task) => {
		if (task.heats) return [];
		const own = heating.filter((one) => !put.has(one) && before(task).includes(one.id));
		own.forEach((one) => put.add(one));
		return [...own, task];
	});
}

/** A list in which nothing stands before what it waits for: blocks by falling priority of their first task. */
export function byPriority(
	blocks: readonly (readonly Task[])[],
	priority: (task: Task) => number
): Task[] {
	const done = new Set<string>();
	const list: Task[] = [];
	const left = blocks.map((block) => ({
		tasks: [...block],
		worth: Math.max(...block.map(priority)),
		/** from outside the block */
		waits: outside(block)
	}));
	const put = (task: Task) => {
		done.add(task.id);
		list.push(task);
	};
	while (left.length > 0) {
		let next = -1;
		for (let i = 0; i < left.length; i++)
			if (left[i].waits.every((id) => done.has(id)))
				if (next < 0 || left[i].worth > left[next].worth) next = i;
		if (next >= 0) {
			left.splice(next, 1)[0].tasks.forEach(put);
			continue;
		}
		// blocks that wait for each other: one task at a time
		const at = left.findIndex(({ tasks }) => before(tasks[0]).every((id) => done.has(id)));
		if (at < 0) break;
		put(left[at].tasks.shift() as Task);
		if (left[at].tasks.length === 0) left.splice(at, 1);
		else left[at].waits = outside(left[at].tasks).filter((id) => !done.has(id));
	}
	return list;
}

/** The tasks one by one by where each is wanted, the earliest first, as far as their links allow. */
export const listBy = (order: readonly Task[], wantedAt: (task: Task) => number): Task[] =>
	byPriority(
		order.map((task) => [task]),
		(task) => -wantedAt(task)
	);

/** Ids of a plan's tasks in the order in which they begin. */
export const idsInOrder = (startMin: Readonly<Record<string, number>>): string[] =>
	Object.keys(startMin).sort((a, b) => startMin[a] - startMin[b]);

function outside(block: readonly Task[]): string[] {
	const own = new Set(block.map(({ id }) => id));
	return [...new Set(block.flatMap(before))].filter((id) => !own.has(id));
}

const rank: Record<string, number> = {
	'ready-to-eat': 4,
	'raw-vegetable': 3,
	'raw-egg': 2,
	'raw-meat-fish': 1,
	'raw-poultry': 0
};

/** Lists to begin a search with: the longest chain first, with and without the work it is, clean hands first, long tasks last. */
export function startLists(tasks: readonly Task[], blocks: readonly (readonly Task[])[]): Task[][] {
	const tails = tailsMin(tasks);
	const tail = (task: Task) => tails.get(task.id) ?? 0;
	const work = (task: Task) =>
		Object.values(task.uses ?? {}).reduce((sum, amount) => sum + amount, 0) * task.durationMin;
	return [
		byPriority(blocks, tail),
		byPriority(blocks, (task) => tail(task) + work(task)),
		byPriority(blocks, (task) => 1e6 * (rank[task.hygiene ?? 'ready-to-eat'] ?? 0) + tail(task)),
		byPriority(blocks, (task) => -task.durationMin)
	];
}

/** A block of tied tasks, now and then one task alone, moved to another place that its links allow. */
export function moved(
	list: readonly Task[],
	blocks: readonly (readonly Task[])[],
	random: () => number
): Task[] {
	const block = blocks[Math.floor(random() * blocks.length)];
	const own = new Set(random() < alone01 ? [block[Math.floor(random() * block.length)]] : block);
	const group = list.filter((task) => own.has(task));
	const next = list.filter((task) => !own.has(task));
	const ids = new Set(group.map(({ id }) => id));
	const wanted = new Set(group.flatMap(before));
	let low = 0;
	let high = next.length;
	next.forEach((other, i) => {
		if (wanted.has(other.id)) low = Math.max(low, i + 1);
		if (before(other).some((id) => ids.has(id))) high = Math.min(high, i);
	});
	if (high < low) return [...list];
	next.splice(low + Math.floor(random() * (high - low + 1)), 0, ...group);
	return next;
}
/** Share of moves that tear a task out of its block. */
const alone01 = 0.1;

/** Visits every order that the links allow, until `visit` says stop. */
export function forEachOrder(order: readonly Task[], visit: (list: Task[]) => boolean): void {
	// what has a fixed start is put down before all others anyway
	const list = order.filter((task) => task.fixedStartMin !== undefined);
	const used = new Set(list.map(({ id }) => id));
	const go = (): boolean => {
		if (list.length === order.length) return visit([...list]);
		for (const task of order) {
			if (used.has(task.id) || !before(task).every((id) => used.has(id))) continue;
			used.add(task.id);
			list.push(task);
			const on = go();
			list.pop();
			used.delete(task.id);
			if (!on) return false;
		}
		return true;
	};
	go();
}
