/**
 * What a cook reaches against what the cook sets (minutes from switching on, or minutes at pressure). Rising series, read by
 * straight lines between the points.
 */
export interface Timeline {
	/** minutes set */
	readonly setMin: number[];
	/** minutes from switching on until it could be served */
	readonly totalMin: number[];
	/** cook value by the kind's measure */
	readonly cookMin: number[];
	readonly coreC: number[];
	readonly lethality70Min: number[];
	/** worst cell, and the pool's own */
	readonly hazardH: number[];
	readonly poolHazardH: number[];
}

export function emptyTimeline(): Timeline {
	return {
		setMin: [],
		totalMin: [],
		cookMin: [],
		coreC: [],
		lethality70Min: [],
		hazardH: [],
		poolHazardH: []
	};
}

/** What must be reached before a dish is ready. */
export interface Goal {
	cookMin: number;
	coreC: number;
	lethality70Min: number;
}

/** First set time at which a series has reached a value; null if it never does. */
export function reachedMin(
	setMin: readonly number[],
	series: readonly number[],
	value: number
): number | null {
	for (let i = 0; i < series.length; i++) {
		if (series[i] < value) continue;
		if (i === 0 || series[i] === series[i - 1]) return setMin[i];
		const share = (value - series[i - 1]) / (series[i] - series[i - 1]);
		return setMin[i - 1] + share * (setMin[i] - setMin[i - 1]);
	}
	return null;
}

/** First set time at which the whole goal is reached; null if it never is. */
export function readyMin(timeline: Timeline, goal: Goal): number | null {
	const times = [
		reachedMin(timeline.setMin, timeline.cookMin, goal.cookMin),
		reachedMin(timeline.setMin, timeline.coreC, goal.coreC),
		reachedMin(timeline.setMin, timeline.lethality70Min, goal.lethality70Min)
	];
	return times.includes(null) ? null : Math.max(...(times as number[]));
}

/** A series at a set time, by straight lines; the last value beyond the end. */
export function valueAt(
	timeline: Pick<Timeline, 'setMin'>,
	series: readonly number[],
	setMin: number
): number {
	const { setMin: x } = timeline;
	if (setMin <= x[0]) return series[0];
	for (let i = 1; i < x.length; i++)
		if (x[i] >= setMin)
			return (
				series[i - 1] + ((series[i] - series[i - 1]) * (setMin - x[i - 1])) / (x[i] - x[i - 1])
			);
	return series[series.length - 1];
}

/** Whether the goal is reached at the last point. */
export function reaches(timeline: Timeline, goal: Goal): boolean {
	const last = timeline.setMin.length - 1;
	return (
		last >= 0 &&
		timeline.cookMin[last] >= goal.cookMin &&
		timeline.coreC[last] >= goal.coreC &&
		timeline.lethality70Min[last] >= goal.lethality70Min
	);
}
