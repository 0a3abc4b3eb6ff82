/**
 * Ways of making a cooked pack hot that are not modelled: timers for one portion of `portionKg`, longer in proportion up to
 * `mostKg`. Common practice, no source; the microwave's from single breakfast portions of 150 g (30–45 s, stir, 60 s, stir,
 * 30–60 s). Each ends with a thermometer.
 */
export type TimerWay = 'hob' | 'microwave' | 'water-bath';

export const kitchenTimers: Readonly<
	Record<TimerWay, { portionKg: number; mostKg: number; fromMin: number; toMin: number }>
> = {
	/** softened until it bends, in a lidded pot with a splash of water, stirred, until it boils throughout */
	hob: { portionKg: 1, mostKg: 3, fromMin: 12, toMin: 20 },
	/** one portion, covered, stirred between, two minutes' standing */
	microwave: { portionKg: 0.15, mostKg: 0.6, fromMin: 2, toMin: 2.75 },
	/** sealed and thawed, in water just under the boil */
	'water-bath': { portionKg: 0.5, mostKg: 1, fromMin: 20, toMin: 30 }
};

/** Minutes on a timer for a weight, or null when it is too much for that way at once. */
export function timerMin(way: TimerWay, massKg: number): { from: number; to: number } | null {
	const { portionKg, mostKg, fromMin, toMin } = kitchenTimers[way];
	if (massKg > mostKg) return null;
	const share = Math.max(1, massKg / portionKg);
	return { from: fromMin * share, to: toMin * share };
}
