import { Placement } from './placement.ts';
import { sameMin, waitAfter, type Task } from './task.ts';

/** How often tasks of one list are put off so that others need not wait, for each task of it. */
const delaysPerTask = 2;

/** An oven whose heating is put off once more is put off by so much more, minutes. */
const furtherMin = 1;

/** What is left of a search's budget. */
export interface Budget {
	/** tasks put down */
	puts: number;
}

/** How a list is put down. */
export interface BuildRules {
	capacity: Readonly<Record<string, number>>;
	changeoverMin: number;
	/** moments before which a task is not wanted */
	floors?: ReadonlyMap<string, number>;
	/** what has started cannot be put off any more: what waits for it may wait too long, and is counted */
	pastWaits?: boolean;
	/** which block a task is of: then a block is only begun once all before it are over, a long day that can always be */
	inTurn?: ReadonlyMap<string, number>;
	/** a list that takes longer is given up as soon as that is sure; `tailMin` are minutes from the start of a task to the end */
	within?: { mostMin: number; tailMin: ReadonlyMap<string, number> };
}

/** A list put down. */
export interface Built {
	placement: Placement;
	/** minutes that tasks wait too long for what has started, by task */
	overWaitMin: Record<string, number>;
}

/** Minutes that tasks wait too long, all together. */
export const sumOfWaits = (overWaitMin: Readonly<Record<string, number>> = {}): number =>
	Object.values(overWaitMin).reduce((sum, minutes) => sum + minutes, 0);

/** A task that would wait too long for another: that one is put off by so much. */
interface TooLate {
	task: Task;
	for: string;
	byMin: number;
}

/**
 * Places the tasks of a list one after the other at their earliest moment (serial schedule generation). A task that would wait too
 * long has what it waits for put off, with all that must not wait before that; the list is taken back to there and goes on. Null when
 * it cannot be done in this order, or not within so many delays.
 */
export function buildSchedule(
	list: readonly Task[],
	rules: BuildRules,
	budget: Budget
): Built | null {
	const placement = new Placement(rules.capacity, rules.changeoverMin);
	budget.puts--;
	for (const task of list)
		if (task.fixedStartMin !== undefined && !placement.putAt(task, task.fixedStartMin)) return null;
	const fixed = placement.placed.length;
	const free = list.filter((task) => task.fixedStartMin === undefined);
	const placeOf = new Map(free.map((task, i) => [task.id, i]));
	const notBefore = new Map(rules.floors);
	const overWaitMin: Record<string, number> = {};
	let delays = delaysPerTask * free.length;
	const asked = new Map<string, number>();
	for (let i = 0; i < free.length;) {
		budget.puts--;
		if (rules.inTurn) waitForOthers(free[i], rules.inTurn, placement, notBefore);
		const late = putNext(free[i], placement, notBefore, overWaitMin, rules.pastWaits ?? false);
		if (late === 'put') {
			if (rules.within && !endsWithin(free[i], placement, rules.within)) return null;
			i++;
			continue;
		}
		// an oven that is heated too early again and again is in the way of what it is heated for: further each time
		if (late && placement.get(late.for)?.task.heats) {
			const times = asked.get(late.for) ?? 0;
			asked.set(late.for, times + 1);
			late.byMin += times * furtherMin;
		}
		const back = late && putOff(late, placement, notBefore, placeOf);
		if (back === null || delays-- <= 0 || budget.puts <= 0) return null;
		placement.backTo(fixed + back);
		i = back;
	}
	return followsLinks(list, placement, overWaitMin) ? { placement, overWaitMin } : null;
}

/** Not before all that is of other blocks is over. */
function waitForOthers(
	{ id }: Task,
	blockOf: ReadonlyMap<string, number>,
	{ placed }: Placement,
	notBefore: Map<string, number>
): void {
	const overMin = placed
		.filter(({ task }) => blockOf.get(task.id) !== blockOf.get(id))
		.reduce((most, { endMin }) => Math.max(most, endMin), 0);
	notBefore.set(id, Math.max(overMin, notBefore.get(id) ?? 0));
}

const endsWithin = (
	{ id }: Task,
	placement: Placement,
	{ mostMin, tailMin }: NonNullable<BuildRules['within']>
): boolean => (placement.get(id)?.startMin ?? 0) + (tailMin.get(id) ?? 0) <= mostMin + sameMin;

/**
 * Puts off what a task waits for, and in turn what that must not wait for too long; the first place in the list from which on tasks
 * are put down again, or null when something fixed is in the way.
 */
function putOff(
	{ for: id, byMin }: TooLate,
	placement: Placement,
	notBefore: Map<string, number>,
	placeOf: ReadonlyMap<string, number>
): number | null {
	const one = placement.get(id);
	const at = placeOf.get(id);
	if (!one || at === undefined) return null;
	const startMin = one.startMin + byMin;
	notBefore.set(id, startMin);
	let first = at;
	for (const { endMin, limitMin, id: before } of limits(one.task, placement)) {
		const tooLong = startMin - endMin - limitMin;
		if (tooLong <= sameMin) continue;
		const back = putOff(
			{ task: one.task, for: before, byMin: tooLong },
			placement,
			notBefore,
			placeOf
		);
		// what is fixed before it is found when the task itself is put down
		if (back !== null) first = Math.min(first, back);
	}
	return first;
}

/** The longest waits of a task as they stand: after each predecessor, and after the last of them. */
function limits(
	task: Task,
	placement: Placement
): { id: string; endMin: number; limitMin: number }[] {
	const found: { id: string; endMin: number; limitMin: number }[] = [];
	let last: { id: string; endMin: number } | null = null;
	for (const id of task.after ?? []) {
		const endMin = placement.get(id)?.endMin ?? 0;
		const limitMin = waitAfter(task, id);
		if (limitMin < Infinity) found.push({ id, endMin, limitMin });
		if (!last || endMin > last.endMin) last = { id, endMin };
	}
	if (task.maxWaitMin !== undefined && last) found.push({ ...last, limitMin: task.maxWaitMin });
	return found;
}

function putNext(
	task: Task,
	placement: Placement,
	notBefore: ReadonlyMap<string, number>,
	overWaitMin: Record<string, number>,
	pastWaits: boolean
): 'put' | null | TooLate {
	let readyMin = 0;
	for (const id of task.after ?? []) {
		const one = placement.get(id);
		if (!one) return null;
		readyMin = Math.max(readyMin, one.endMin);
	}
	const around = task.within && placement.get(task.within.id);
	if (task.within && !around) return null;
	const fromMin = around
		? around.startMin + (around.endMin - around.startMin) * (task.within?.from01 ?? 0)
		: 0;
	const start = placement.earliest(
		task,
		Math.max(readyMin, fromMin, task.notBeforeMin ?? 0, notBefore.get(task.id) ?? 0)
	);
	if (start === null) {
		const early = placement.heatedTooEarly(task);
		return early && { task, for: early.id, byMin: early.byMin };
	}
	const isFixed = (id: string) => placement.get(id)?.task.fixedStartMin !== undefined;
	let over = 0;
	for (const { id, endMin, limitMin } of limits(task, placement)) {
		const byMin = start - endMin - limitMin;
		if (byMin <= sameMin) continue;
		if (!isFixed(id)) return { task, for: id, byMin };
		if (!pastWaits) return null;
		over = Math.max(over, byMin);
	}
	if (around) {
		const byMin = start + task.durationMin - around.endMin;
		if (byMin > sameMin) {
			if (!isFixed(around.task.id)) return { task, for: around.task.id, byMin };
			if (!pastWaits) return null;
		}
	}
	if (over > 0) overWaitMin[task.id] = over;
	else delete overWaitMin[task.id];
	placement.putAt(task, start);
	return 'put';
}

/** Fixed tasks may stand before what they wait for: then there is no such day. */
function followsLinks(
	list: readonly Task[],
	placement: Placement,
	overWaitMin: Readonly<Record<string, number>>
): boolean {
	return list.every((task) => {
		const own = placement.get(task.id);
		if (!own) return false;
		for (const id of task.after ?? [])
			if ((placement.get(id)?.endMin ?? Infinity) > own.startMin + sameMin) return false;
		if (overWaitMin[task.id] !== undefined) return true;
		return limits(task, placement).every(
			({ endMin, limitMin }) => own.startMin - endMin <= limitMin + sameMin
		);
	});
}
