import { CoreError } from '../errors.ts';
import { requireRange } from '../require-range.ts';
import { lowerBoundMin, tailsMin } from './lower-bound.ts';
import { Placement } from './placement.ts';
import { sameMin, type DayInput, type DaySchedule, type Task } from './task.ts';

const defaultIterations = 300;
/** So many tasks are tried in every order. */
const fewTasks = 7;
/** How often a predecessor is put off so that a task that must not wait finds its place. */
const mostDelays = 60;
/** Placings of a whole list for each asked iteration, and at least, before the search ends: delays count, too. */
const placingsPerIteration = 20;
const leastPlacings = 200;

/** What is left of the search's budget. */
interface Budget {
	placings: number;
}

/** Numbers from 0 to 1 from a seed (Park and Miller's generator). */
function numbersFrom(seed: number): () => number {
	let state = (Math.abs(Math.floor(seed)) % 2_147_483_646) + 1;
	return () => {
		state = (state * 48_271) % 2_147_483_647;
		return state / 2_147_483_647;
	};
}

/**
 * A day's tasks on limited hands and appliances: shortest day first, then fewest washes. Resource-constrained project scheduling
 * by a serial schedule generation scheme over activity lists: tasks are placed one after the other at their earliest feasible
 * moment; lists come from priority rules (longest tail first) and are improved by seeded moves of one task. A task that may not
 * wait puts its predecessors off. Up to seven tasks every order is tried, within the same budget of placings. `optimal` when the lower bound is met, or when every
 * order was tried and neither waits nor washes bind. Throws coded errors for numbers that are none.
 */
export function scheduleDay(input: DayInput): DaySchedule {
	const { capacity } = input;
	const changeoverMin = requireRange('changeoverMin', input.changeoverMin ?? 5, 0, 240);
	const tasks = input.tasks.map((task) => checked(task));
	const bound = lowerBoundMin(tasks, capacity);
	const none: DaySchedule = {
		startMin: {},
		endMin: 0,
		lowerBoundMin: Number.isFinite(bound) ? bound : 0,
		changeovers: 0,
		outcome: 'infeasible'
	};
	if (tasks.length === 0) return { ...none, outcome: 'optimal' };
	const order = linkedOrder(tasks);
	if (!order) return none;
	const rounds = requireRange('iterations', input.iterations ?? defaultIterations, 0, 1e6);
	const budget: Budget = { placings: leastPlacings + placingsPerIteration * rounds };
	const build = (list: readonly Task[]) => place(list, capacity, changeoverMin, budget);
	let best: { list: Task[]; placement: Placement } | null = null;
	const better = (a: Placement, b: Placement) =>
		a.endMin() - b.endMin() || a.changeovers() - b.changeovers() || sumOfStarts(a) - sumOfStarts(b);
	const offer = (list: Task[]): boolean => {
		const placement = build(list);
		if (!placement) return false;
		const gain = best ? better(placement, best.placement) : -1;
		if (gain <= 0) best = { list, placement };
		return gain < 0;
	};
	const reached = () =>
		best !== null &&
		best.placement.endMin() <= bound + sameMin &&
		best.placement.changeovers() === 0;
	for (const list of startLists(tasks, order)) offer(list);
	if (input.order) {
		const place = new Map(input.order.map((id, i) => [id, i]));
		offer(byPriority(order, ({ id }) => -(place.get(id) ?? tasks.length)));
	}
	let triedAll = false;
	const free = tasks.filter((task) => task.fixedStartMin === undefined);
	if (free.length <= fewTasks) {
		forEachOrder(order, (list) => {
			offer(list);
			return !reached() && budget.placings > 0;
		});
		triedAll = budget.placings > 0;
	} else {
		const random = numbersFrom(input.seed ?? 1);
		for (let i = 0; i < rounds && !reached() && budget.placings > 0; i++) {
			const from = (best as { list: Task[] } | null)?.list ?? order;
			offer(moved(from, random));
		}
	}
	const found = best as { placement: Placement } | null;
	if (!found) return none;
	const { placement } = found;
	const plain = tasks.every((task) => task.maxWaitMin === undefined && task.hygiene === undefined);
	const endMin = placement.endMin();
	const proven = endMin <= bound + sameMin || (triedAll && plain);
	return {
		startMin: Object.fromEntries(placement.placed.map((one) => [one.task.id, one.startMin])),
		endMin,
		lowerBoundMin: proven && triedAll && plain ? endMin : bound,
		changeovers: placement.changeovers(),
		outcome: proven ? 'optimal' : 'budget'
	};
}

function checked(task: Task): Task {
	requireRange('durationMin', task.durationMin, 0, 1e5);
	if (task.fixedStartMin !== undefined) requireRange('fixedStartMin', task.fixedStartMin, 0, 1e6);
	if (task.notBeforeMin !== undefined) requireRange('notBeforeMin', task.notBeforeMin, 0, 1e6);
	if (task.maxWaitMin !== undefined) requireRange('maxWaitMin', task.maxWaitMin, 0, 1e6);
	for (const [name, amount] of Object.entries(task.uses ?? {})) requireRange(name, amount, 0, 1e6);
	return task;
}

/** The tasks so that each comes after what it waits for; null for a circle. Throws for a predecessor that is none. */
function linkedOrder(tasks: readonly Task[]): Task[] | null {
	const byId = new Map(tasks.map((task) => [task.id, task]));
	for (const { id, after = [] } of tasks)
		for (const before of after)
			if (!byId.has(before)) throw new CoreError('unknown-task', { task: id, after: before });
	if (byId.size !== tasks.length) throw new CoreError('unknown-task', { task: 'twice' });
	const order: Task[] = [];
	const done = new Set<string>();
	while (order.length < tasks.length) {
		const ready = tasks.filter(
			({ id, after = [] }) => !done.has(id) && after.every((before) => done.has(before))
		);
		if (ready.length === 0) return null;
		for (const task of ready) {
			order.push(task);
			done.add(task.id);
		}
	}
	return order;
}

/** A list in which nothing stands before what it waits for, by falling priority. */
function byPriority(order: readonly Task[], priority: (task: Task) => number): Task[] {
	const left = new Set(order);
	const done = new Set<string>();
	const list: Task[] = [];
	while (left.size > 0) {
		let next: Task | null = null;
		for (const task of left)
			if ((task.after ?? []).every((id) => done.has(id)))
				if (!next || priority(task) > priority(next)) next = task;
		if (!next) break;
		left.delete(next);
		done.add(next.id);
		list.push(next);
	}
	return list;
}

const rank: Record<string, number> = {
	'ready-to-eat': 4,
	'raw-vegetable': 3,
	'raw-egg': 2,
	'raw-meat-fish': 1,
	'raw-poultry': 0
};

function startLists(tasks: readonly Task[], order: readonly Task[]): Task[][] {
	const tails = tailsMin(tasks);
	const tail = (task: Task) => tails.get(task.id) ?? 0;
	const work = (task: Task) =>
		Object.values(task.uses ?? {}).reduce((sum, amount) => sum + amount, 0) * task.durationMin;
	return [
		byPriority(order, tail),
		byPriority(order, (task) => tail(task) + work(task)),
		byPriority(order, (task) => 1e6 * (rank[task.hygiene ?? 'ready-to-eat'] ?? 0) + tail(task)),
		byPriority(order, (task) => -task.durationMin),
		[...order]
	];
}

/** One task of a list moved to another place that its links allow. */
function moved(list: readonly Task[], random: () => number): Task[] {
	const next = [...list];
	const at = Math.floor(random() * next.length);
	const [task] = next.splice(at, 1);
	let low = 0;
	let high = next.length;
	next.forEach((other, i) => {
		if ((task.after ?? []).includes(other.id)) low = Math.max(low, i + 1);
		if ((other.after ?? []).includes(task.id)) high = Math.min(high, i);
	});
	next.splice(low + Math.floor(random() * (high - low + 1)), 0, task);
	return next;
}

/** Visits every order that the links allow, until `visit` says stop. */
function forEachOrder(order: readonly Task[], visit: (list: Task[]) => boolean): void {
	const list: Task[] = [];
	const used = new Set<string>();
	const go = (): boolean => {
		if (list.length === order.length) return visit([...list]);
		for (const task of order) {
			if (used.has(task.id) || !(task.after ?? []).every((id) => used.has(id))) continue;
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

/** Places a list; null when it cannot be done in this order. */
function place(
	list: readonly Task[],
	capacity: Readonly<Record<string, number>>,
	changeoverMin: number,
	budget: Budget
): Placement | null {
	const notBefore = new Map<string, number>();
	for (let delays = 0; delays <= mostDelays; delays++) {
		budget.placings--;
		const placement = new Placement(capacity, changeoverMin);
		for (const task of list)
			if (task.fixedStartMin !== undefined && !placement.putAt(task, task.fixedStartMin))
				return null;
		const late = placeRest(list, placement, notBefore);
		if (late === 'done') return followsLinks(list, placement) ? placement : null;
		if (late === null) return null;
		notBefore.set(late.id, late.startMin);
	}
	return null;
}

/** Places what is not fixed; a predecessor that has to be put off with where to, `done`, or null when it cannot be. */
function placeRest(
	list: readonly Task[],
	placement: Placement,
	notBefore: ReadonlyMap<string, number>
): 'done' | null | { id: string; startMin: number } {
	for (const task of list) {
		if (task.fixedStartMin !== undefined) continue;
		const before = (task.after ?? []).map((id) => placement.get(id));
		if (before.some((one) => one === undefined)) return null;
		const readyMin = Math.max(0, ...before.map((one) => one?.endMin ?? 0));
		const start = placement.earliest(
			task,
			Math.max(readyMin, task.notBeforeMin ?? 0, notBefore.get(task.id) ?? 0)
		);
		if (start === null) return null;
		const wait = start - readyMin;
		if (task.maxWaitMin !== undefined && before.length > 0 && wait > task.maxWaitMin + sameMin) {
			const last = before.find((one) => one && one.endMin >= readyMin - sameMin);
			if (!last || last.task.fixedStartMin !== undefined) return null;
			return { id: last.task.id, startMin: last.startMin + wait - task.maxWaitMin };
		}
		placement.putAt(task, start);
	}
	return 'done';
}

/** Fixed tasks may stand before what they wait for: then there is no such day. */
function followsLinks(list: readonly Task[], placement: Placement): boolean {
	return list.every((task) => {
		const own = placement.get(task.id);
		const ends = (task.after ?? []).map((id) => placement.get(id)?.endMin ?? Infinity);
		if (!own || ends.some((end) => end > own.startMin + sameMin)) return false;
		const wait = ends.length ? own.startMin - Math.max(...ends) : 0;
		return task.maxWaitMin === undefined || wait <= task.maxWaitMin + sameMin;
	});
}

const sumOfStarts = (placement: Placement) =>
	placement.placed.reduce((sum, one) => sum + one.startMin, 0);
