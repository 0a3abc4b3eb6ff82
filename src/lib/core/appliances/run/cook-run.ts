import type { CookingState } from './cooking-state.ts';

export interface CookRun {
	outcome: 'finished' | 'stepLimit';
	/** first record at 0, last at the very end, at most 5 min apart */
	minutes: ArrayLike<number>;
	liquidC: ArrayLike<number>;
	coldestC: ArrayLike<number>;
	warmestC: ArrayLike<number>;
	meanC: ArrayLike<number>;
	/** cook value in minutes at 100 °C with the z asked for, so far: at the coldest cell, and volume mean */
	coldestCookMin: ArrayLike<number>;
	meanCookMin: ArrayLike<number>;
	/** minutes at 70 °C equivalent (z 7.5 K), least of all cells, at the end */
	lethality70Min: number;
	/** most hours any cell spent between 5 and 60 °C */
	hazardH: number;
	comeUpMin?: number;
	releaseMin?: number;
}

const recordEveryMin = 2;

/** Collects the series of a `CookRun` while a cook goes on. */
export class CookRecorder {
	private readonly series = {
		minutes: [] as number[],
		liquidC: [] as number[],
		coldestC: [] as number[],
		warmestC: [] as number[],
		meanC: [] as number[],
		coldestCookMin: [] as number[],
		meanCookMin: [] as number[]
	};
	private lastMin = -Infinity;

	/** Records the state unless the last record is fresh; `force` records in any case. */
	record(state: CookingState, force = false): void {
		if (state.minute === this.lastMin || (!force && state.minute - this.lastMin < recordEveryMin))
			return;
		this.lastMin = state.minute;
		this.series.minutes.push(state.minute);
		this.series.liquidC.push(state.liquidC);
		this.series.coldestC.push(state.coldestC);
		this.series.warmestC.push(state.warmestC);
		this.series.meanC.push(state.meanC);
		this.series.coldestCookMin.push(state.coldestCookMin);
		this.series.meanCookMin.push(state.meanCookMin);
	}

	finish(state: CookingState, outcome: CookRun['outcome']): CookRun {
		this.record(state, true);
		return {
			outcome,
			...this.series,
			lethality70Min: state.lethality70Min,
			hazardH: state.hazardH
		};
	}
}
