import type { Pot } from '../run/pot.ts';
import { emptyTimeline, reaches, type Goal, type Timeline } from '../run/timeline.ts';

/** What the branches need of a cook at pressure. */
export interface PressureHold {
	pot: Pot;
	/** holds `pot` so many minutes more */
	hold(minutes: number): void;
	/** lets a copy's pressure go, opens it, rests; least core temperature that counts after the hold */
	release(end: Pot): number;
	/** the next hold time worth a snapshot */
	nextMin(heldMin: number): number;
	record(
		timeline: Timeline,
		end: Pot,
		at: { setMin: number; totalMin: number; coreC: number }
	): void;
}

/** Hold times with snapshots of the pot, and what each comes to after release and rest, computed when asked. */
export class PressureBranches {
	private readonly heldMin = [0];
	private readonly pots: Pot[];
	private readonly ends = new Map<number, Timeline>();
	private readonly of: PressureHold;

	constructor(of: PressureHold) {
		this.of = of;
		this.pots = [of.pot.clone()];
	}

	/** Just these hold times, in minutes. */
	exactly(holdsMin: readonly number[]): void {
		for (const min of [...holdsMin].sort((a, b) => a - b)) {
			if (min > this.heldMin[this.heldMin.length - 1]) this.extendTo(min);
			this.end(this.heldMin.lastIndexOf(min));
		}
	}

	/** Finds the two neighbouring hold times between which a goal is reached: strides that double, then halving. */
	search(goal: Goal, longestMin: number): void {
		let short = -1;
		let long = 0;
		for (let stride = 1; !reaches(this.end(long), goal); stride *= 2) {
			short = long;
			while (long < short + stride && this.heldMin[long] < longestMin - 1e-9) {
				long++;
				if (long === this.pots.length)
					this.extendTo(this.of.nextMin(this.heldMin[this.heldMin.length - 1]));
			}
			if (long === short) return;
		}
		while (long - short > 1) {
			const middle = (long + short) >> 1;
			if (reaches(this.end(middle), goal)) long = middle;
			else short = middle;
		}
	}

	/** What was computed, in rising order of the hold. */
	timeline(): Timeline {
		const all = emptyTimeline();
		const names = Object.keys(all) as (keyof Timeline)[];
		for (const index of [...this.ends.keys()].sort((a, b) => a - b))
			for (const name of names) all[name].push(this.end(index)[name][0]);
		return all;
	}

	private extendTo(heldMin: number): void {
		this.of.hold(heldMin - this.heldMin[this.heldMin.length - 1]);
		this.heldMin.push(heldMin);
		this.pots.push(this.of.pot.clone());
	}

	private end(index: number): Timeline {
		let timeline = this.ends.get(index);
		if (!timeline) {
			const pot = this.pots[index];
			const end = pot.clone();
			const afterC = this.of.release(end);
			timeline = emptyTimeline();
			this.of.record(timeline, end, {
				setMin: this.heldMin[index],
				totalMin: end.minute,
				coreC: Math.max(pot.coldestC, afterC)
			});
			this.ends.set(index, timeline);
		}
		return timeline;
	}
}
