import { hands, needsWash, oven, ovenSharedK, sameMin, type Task } from './task.ts';

interface Placed {
	task: Task;
	startMin: number;
	endMin: number;
	/** which of the cooks do it */
	cooks: number[];
}

/** A schedule as it grows: what stands where, and where another task can go. */
export class Placement {
	readonly placed: Placed[] = [];
	private readonly byId = new Map<string, Placed>();
	private readonly capacity: Readonly<Record<string, number>>;
	private readonly changeoverMin: number;
	private readonly cooks: number;

	constructor(capacity: Readonly<Record<string, number>>, changeoverMin: number) {
		this.capacity = capacity;
		this.changeoverMin = changeoverMin;
		this.cooks = Math.max(0, Math.floor(capacity[hands] ?? 0));
	}

	get(id: string): Placed | undefined {
		return this.byId.get(id);
	}

	/** Puts a task where it is said to be; false when that breaks a rule. */
	putAt(task: Task, startMin: number): boolean {
		const cooks = this.fits(task, startMin);
		if (!cooks) return false;
		const one = { task, startMin, endMin: startMin + task.durationMin, cooks };
		this.placed.push(one);
		this.byId.set(task.id, one);
		return true;
	}

	/** The earliest start from `fromMin` on at which a task fits; null when it never does. */
	earliest(task: Task, fromMin: number): number | null {
		const moments = new Set([fromMin]);
		for (const { endMin } of this.placed) {
			for (const at of [endMin, endMin + this.changeoverMin])
				if (at > fromMin + sameMin) moments.add(at);
		}
		for (const at of [...moments].sort((a, b) => a - b)) if (this.fits(task, at)) return at;
		return null;
	}

	/** Who could do it at that moment, or null when something is in the way. */
	private fits(task: Task, startMin: number): number[] | null {
		const endMin = startMin + task.durationMin;
		const beside = this.placed.filter(
			(other) => other.startMin < endMin - sameMin && other.endMin > startMin + sameMin
		);
		for (const [name, amount] of Object.entries(task.uses ?? {})) {
			if (amount <= 0) continue;
			const most = this.capacity[name] ?? 0;
			if (amount > most + sameMin) return null;
			const moments = [startMin, ...beside.map((other) => other.startMin)].filter(
				(at) => at >= startMin - sameMin
			);
			for (const at of moments) {
				let used = amount;
				for (const other of beside)
					if (other.startMin <= at + sameMin && other.endMin > at + sameMin)
						used += other.task.uses?.[name] ?? 0;
				if (used > most + sameMin) return null;
			}
		}
		if (task.ovenC !== undefined && task.uses?.[oven])
			for (const { task: other } of beside)
				if (
					other.uses?.[oven] &&
					other.ovenC !== undefined &&
					Math.abs(other.ovenC - task.ovenC) > ovenSharedK
				)
					return null;
		return this.cooksFor(task, startMin, endMin);
	}

	private cooksFor(task: Task, startMin: number, endMin: number): number[] | null {
		const wanted = Math.ceil((task.uses?.[hands] ?? 0) - sameMin);
		if (wanted <= 0) return [];
		const free: { cook: number; washes: number }[] = [];
		for (let cook = 0; cook < this.cooks; cook++) {
			const washes = this.washesOf(cook, task, startMin, endMin);
			if (washes !== null) free.push({ cook, washes });
		}
		if (free.length < wanted) return null;
		free.sort((a, b) => a.washes - b.washes);
		return free.slice(0, wanted).map(({ cook }) => cook);
	}

	/** Washes it takes for a cook to do this then; null when the cook is busy or there is no time to wash. */
	private washesOf(cook: number, task: Task, startMin: number, endMin: number): number | null {
		const own = this.placed.filter((one) => one.cooks.includes(cook));
		for (const one of own)
			if (one.startMin < endMin - sameMin && one.endMin > startMin + sameMin) return null;
		const row = [...own, { task, startMin, endMin, cooks: [cook] }].sort(
			(a, b) => a.startMin - b.startMin || a.endMin - b.endMin
		);
		return washesIn(row, this.changeoverMin);
	}

	/** Times hands, board and knife are washed. */
	changeovers(): number {
		let sum = 0;
		for (let cook = 0; cook < this.cooks; cook++) {
			const row = this.placed
				.filter((one) => one.cooks.includes(cook))
				.sort((a, b) => a.startMin - b.startMin || a.endMin - b.endMin);
			sum += washesIn(row, this.changeoverMin) ?? 0;
		}
		return sum;
	}

	endMin(): number {
		return this.placed.reduce((most, one) => Math.max(most, one.endMin), 0);
	}
}

/** Washes along one cook's work; null when a wash finds no gap. What touches nothing lies between without a wash. */
function washesIn(
	row: readonly Pick<Placed, 'task' | 'startMin' | 'endMin'>[],
	changeoverMin: number
): number | null {
	let washes = 0;
	let last: number | null = null;
	for (let i = 0; i < row.length; i++) {
		const { hygiene } = row[i].task;
		if (hygiene === undefined) continue;
		if (last !== null && needsWash(row[last].task.hygiene, hygiene)) {
			let widest = 0;
			for (let k = last; k < i; k++) widest = Math.max(widest, row[k + 1].startMin - row[k].endMin);
			if (widest < changeoverMin - sameMin) return null;
			washes++;
		}
		last = i;
	}
	return washes;
}
