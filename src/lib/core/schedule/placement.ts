import {
	hands,
	handsMinOf,
	holdsOven,
	needsWash,
	ovenSharedK,
	sameMin,
	staysHotMin,
	type DaySchedule,
	type Task
} from './task.ts';

interface Placed {
	task: Task;
	startMin: number;
	endMin: number;
	/** since when the oven is kept at its temperature for it */
	hotFromMin: number;
	/** which of the cooks do it */
	cooks: number[];
}

/** What a cook does in a task: from its start until hands are free. */
type HandsWork = Pick<Placed, 'task' | 'startMin' | 'endMin'>;

/** What a task asks of the kitchen, worked out once. */
interface Needs {
	/** places and appliances with how much of each */
	resources: [string, number][];
	cooks: number;
	inOven: boolean;
}
const needsOf = new WeakMap<Task, Needs>();

function needs(task: Task): Needs {
	let found = needsOf.get(task);
	if (!found) {
		const uses = Object.entries(task.uses ?? {}).filter(([, amount]) => amount > 0);
		found = {
			resources: uses.filter(([name]) => name !== hands),
			cooks: Math.max(0, Math.ceil((task.uses?.[hands] ?? 0) - sameMin)),
			inOven: holdsOven(task)
		};
		needsOf.set(task, found);
	}
	return found;
}

/** A schedule as it grows: what stands where, and where another task can go; what was put last can be taken out again. */
export class Placement {
	readonly placed: Placed[] = [];
	private readonly byId = new Map<string, Placed>();
	private readonly byResource = new Map<string, Placed[]>();
	private readonly inOven: Placed[] = [];
	/** each cook's work in its order */
	private readonly rows: HandsWork[][];
	private readonly capacity: Readonly<Record<string, number>>;
	private readonly changeoverMin: number;

	constructor(capacity: Readonly<Record<string, number>>, changeoverMin: number) {
		this.capacity = capacity;
		this.changeoverMin = changeoverMin;
		const cooks = Math.max(0, Math.floor(capacity[hands] ?? 0));
		this.rows = Array.from({ length: cooks }, () => []);
	}

	get(id: string): Placed | undefined {
		return this.byId.get(id);
	}

	/** Puts a task where it is said to be; false when that breaks a rule. */
	putAt(task: Task, startMin: number): boolean {
		const endMin = startMin + this.minutesAt(task, startMin);
		const cooks = this.fits(task, startMin, endMin);
		if (!cooks) return false;
		const one = { task, startMin, endMin, hotFromMin: this.hotFrom(task, startMin), cooks };
		this.placed.push(one);
		this.byId.set(task.id, one);
		const { resources, inOven } = needs(task);
		for (const [name] of resources) {
			const row = this.byResource.get(name);
			if (row) row.push(one);
			else this.byResource.set(name, [one]);
		}
		if (inOven) this.inOven.push(one);
		const work = handsWork(task, startMin, endMin);
		for (const cook of cooks) {
			const row = this.rows[cook];
			row.splice(placeIn(row, work), 0, work);
		}
		return true;
	}

	/** Takes out what was put after the first `count` tasks. */
	backTo(count: number): void {
		while (this.placed.length > count) {
			const one = this.placed.pop() as Placed;
			this.byId.delete(one.task.id);
			const { resources, inOven } = needs(one.task);
			for (const [name] of resources) this.byResource.get(name)?.pop();
			if (inOven) this.inOven.pop();
			for (const cook of one.cooks) {
				const row = this.rows[cook];
				row.splice(
					row.findIndex(({ task }) => task === one.task),
					1
				);
			}
		}
	}

	/** The earliest start from `fromMin` on at which a task fits; null when it never does. */
	earliest(task: Task, fromMin: number): number | null {
		if (this.fits(task, fromMin, fromMin + this.minutesAt(task, fromMin))) return fromMin;
		for (const at of this.momentsAfter(task, fromMin))
			if (this.fits(task, at, at + this.minutesAt(task, at))) return at;
		return null;
	}

	/** Moments at which something that is in a task's way ends. */
	private momentsAfter(task: Task, fromMin: number): number[] {
		const moments: number[] = [];
		const add = (at: number) => {
			if (at > fromMin + sameMin) moments.push(at);
		};
		const { resources, cooks, inOven } = needs(task);
		if (cooks > 0)
			for (const row of this.rows)
				for (const { startMin, endMin } of row) {
					add(endMin);
					add(endMin + this.changeoverMin);
					// a wash that would find no place before what comes next does after it
					add(startMin + this.changeoverMin);
				}
		for (const [name] of resources)
			for (const { endMin } of this.byResource.get(name) ?? []) add(endMin);
		if (inOven) for (const { endMin } of this.inOven) add(endMin);
		return moments.sort((a, b) => a - b);
	}

	/**
	 * What heats the oven too early for a task that never fits: something else wants another temperature in between. It is to be
	 * heated once that is over.
	 */
	heatedTooEarly(task: Task): { id: string; byMin: number } | null {
		const id = task.after?.find((before) => this.byId.get(before)?.task.heats);
		const heater = id === undefined ? undefined : this.byId.get(id);
		if (!heater || !holdsOven(task)) return null;
		let overMin = Infinity;
		for (const other of this.inOven)
			if (
				Math.abs((other.task.ovenC ?? 0) - task.ovenC) > ovenSharedK &&
				other.endMin > heater.endMin + sameMin
			)
				overMin = Math.min(overMin, other.endMin);
		return overMin < Infinity ? { id: heater.task.id, byMin: overMin - heater.startMin } : null;
	}

	/** What goes into the oven has it kept hot from the end of its heating on. */
	private hotFrom(task: Task, startMin: number): number {
		if (task.heats) return startMin;
		for (const id of task.after ?? []) {
			const before = this.byId.get(id);
			if (before?.task.heats) return Math.min(startMin, before.endMin);
		}
		return startMin;
	}

	/** Minutes a task takes when it starts then: heating an oven that is hot takes none. */
	private minutesAt(task: Task, startMin: number): number {
		if (!task.heats || task.ovenC === undefined) return task.durationMin;
		let hotUntilMin = -Infinity;
		let otherUntilMin = -Infinity;
		for (const { task: other, startMin: from, endMin } of this.inOven) {
			const same = Math.abs((other.ovenC ?? 0) - task.ovenC) <= ovenSharedK;
			// while it heats it is not hot
			const by = other.heats ? endMin : from;
			if (by > startMin + sameMin) continue;
			if (same) hotUntilMin = Math.max(hotUntilMin, endMin);
			else otherUntilMin = Math.max(otherUntilMin, endMin);
		}
		const hot = hotUntilMin + staysHotMin >= startMin - sameMin && hotUntilMin > otherUntilMin;
		return hot ? 0 : task.durationMin;
	}

	/** Who could do it at that moment, or null when something is in the way. */
	private fits(task: Task, startMin: number, endMin: number): number[] | null {
		const { resources, cooks, inOven } = needs(task);
		for (const [name, amount] of resources)
			if (!this.isFree(name, amount, startMin, endMin)) return null;
		const hotFromMin = inOven ? this.hotFrom(task, startMin) : startMin;
		if (inOven)
			for (const other of this.inOven)
				if (
					other.hotFromMin < endMin - sameMin &&
					other.endMin > hotFromMin + sameMin &&
					Math.abs((other.task.ovenC ?? 0) - (task.ovenC ?? 0)) > ovenSharedK
				)
					return null;
		if (cooks === 0 || (task.heats && endMin - startMin < sameMin)) return [];
		return this.cooksFor(handsWork(task, startMin, endMin), cooks);
	}

	private isFree(name: string, amount: number, startMin: number, endMin: number): boolean {
		const most = this.capacity[name] ?? 0;
		if (amount > most + sameMin) return false;
		const beside = (this.byResource.get(name) ?? []).filter(
			(other) => other.startMin < endMin - sameMin && other.endMin > startMin + sameMin
		);
		if (beside.length === 0) return true;
		const usedAt = (at: number) => {
			let used = amount;
			for (const other of beside)
				if (other.startMin <= at + sameMin && other.endMin > at + sameMin)
					used += other.task.uses?.[name] ?? 0;
			return used;
		};
		if (usedAt(startMin) > most + sameMin) return false;
		for (const other of beside)
			if (other.startMin > startMin && usedAt(other.startMin) > most + sameMin) return false;
		return true;
	}

	private cooksFor(work: HandsWork, wanted: number): number[] | null {
		const free: { cook: number; washes: number }[] = [];
		for (let cook = 0; cook < this.rows.length; cook++) {
			const washes = this.washesMore(this.rows[cook], work);
			if (washes !== null) free.push({ cook, washes });
		}
		if (free.length < wanted) return null;
		if (free.length > 1) free.sort((a, b) => a.washes - b.washes);
		return free.slice(0, wanted).map(({ cook }) => cook);
	}

	/** How many washes more it takes a cook to do this then; null when the cook is busy or there is no time to wash. */
	private washesMore(row: readonly HandsWork[], one: HandsWork): number | null {
		const at = placeIn(row, one);
		for (let i = at - 1; i >= 0; i--)
			if (row[i].endMin > one.startMin + sameMin && row[i].startMin < one.endMin - sameMin)
				return null;
		for (let i = at; i < row.length && row[i].startMin < one.endMin - sameMin; i++)
			if (row[i].endMin > one.startMin + sameMin) return null;
		// only between the raw food before and the next thing after is anything to be washed otherwise
		let from = at - 1;
		while (from > 0 && row[from].task.hygiene === undefined) from--;
		from = Math.max(0, from);
		let to = at;
		while (to < row.length && row[to].task.hygiene === undefined) to++;
		const old = row.slice(from, to + 1);
		const place = at - from;
		const next = [...old.slice(0, place), one, ...old.slice(place)];
		const washes = washesIn(next, this.changeoverMin);
		return washes === null ? null : washes - (washesIn(old, this.changeoverMin) ?? 0);
	}

	/** Times hands, board and knife are washed. */
	changeovers(): number {
		let sum = 0;
		for (const row of this.rows) sum += washesIn(row, this.changeoverMin) ?? 0;
		return sum;
	}

	endMin(): number {
		return this.placed.reduce((most, one) => Math.max(most, one.endMin), 0);
	}

	/** The schedule as it stands, but for what only a search knows. */
	found(): Pick<DaySchedule, 'startMin' | 'endMin' | 'changeovers' | 'cooks' | 'alreadyHot'> {
		return {
			startMin: Object.fromEntries(this.placed.map((one) => [one.task.id, one.startMin])),
			endMin: this.endMin(),
			changeovers: this.changeovers(),
			cooks: Object.fromEntries(
				this.placed.flatMap((one) => (one.cooks.length ? [[one.task.id, one.cooks]] : []))
			),
			alreadyHot: this.placed.flatMap(({ task, startMin, endMin }) =>
				task.heats && endMin - startMin < task.durationMin - sameMin ? [task.id] : []
			)
		};
	}
}

const handsWork = (task: Task, startMin: number, endMin: number): HandsWork => ({
	task,
	startMin,
	endMin: startMin + handsMinOf(task, endMin - startMin)
});

/** Where in a cook's row something belongs. */
function placeIn(row: readonly HandsWork[], one: HandsWork): number {
	const at = row.findIndex(
		(other) =>
			other.startMin > one.startMin ||
			(other.startMin === one.startMin && other.endMin > one.endMin)
	);
	return at < 0 ? row.length : at;
}

/**
 * Washes along one cook's work; null when there is no time to wash right after raw animal food before anything else is touched.
 * Only a break, which nobody can move, may come between. What touches nothing that matters costs the time to wash, too, but is not
 * counted as a wash of its own.
 */
function washesIn(row: readonly HandsWork[], changeoverMin: number): number | null {
	let washes = 0;
	let last: number | null = null;
	for (let i = 0; i < row.length; i++) {
		const { hygiene } = row[i].task;
		if (last !== null && needsWash(row[last].task.hygiene, hygiene ?? 'ready-to-eat')) {
			if (row[i].task.fixedStartMin !== undefined && hygiene === undefined) continue;
			let washed = false;
			for (let k = last; k < i && !washed; k++)
				washed = row[k + 1].startMin - row[k].endMin >= changeoverMin - sameMin;
			if (!washed) return null;
			if (hygiene !== undefined) washes++;
		}
		if (hygiene !== undefined) last = i;
	}
	return washes;
}
