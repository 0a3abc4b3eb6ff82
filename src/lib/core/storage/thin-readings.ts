/** A temperature at a moment. */
export interface TimedReading {
	atMs: number;
	tempC: number;
}

/**
 * Which readings to keep so that a straight line between those kept passes within `withinK` of every one left out (Ramer 1972, Douglas and
 * Peucker 1973, with the distance taken along the temperature), and so that no two of them are further apart than `mostGapMs` where
 * there were readings between. In time order; gives places in the list, the first and last among them.
 */
export function keptOfReadings(
	readings: readonly TimedReading[],
	withinK: number,
	mostGapMs: number
): number[] {
	const last = readings.length - 1;
	if (last < 1) return readings.map((_, i) => i);
	const keep = new Set([0, last]);
	const spans: [number, number][] = [[0, last]];
	for (let span = spans.pop(); span; span = spans.pop()) {
		const [from, to] = span;
		const a = readings[from];
		const b = readings[to];
		const slope = b.atMs > a.atMs ? (b.tempC - a.tempC) / (b.atMs - a.atMs) : 0;
		let far = withinK;
		let at = -1;
		for (let i = from + 1; i < to; i++) {
			const off = Math.abs(readings[i].tempC - (a.tempC + slope * (readings[i].atMs - a.atMs)));
			if (off > far) [far, at] = [off, i];
		}
		if (at < 0 && to - from > 1 && b.atMs - a.atMs > mostGapMs)
			at = nearestTo(readings, (a.atMs + b.atMs) / 2, from, to);
		if (at < 0) continue;
		keep.add(at);
		spans.push([from, at], [at, to]);
	}
	return [...keep].sort((a, b) => a - b);
}

/** The reading strictly between two places that is nearest to a moment. */
function nearestTo(
	readings: readonly TimedReading[],
	atMs: number,
	from: number,
	to: number
): number {
	let best = from + 1;
	for (let i = from + 1; i < to; i++)
		if (Math.abs(readings[i].atMs - atMs) < Math.abs(readings[best].atMs - atMs)) best = i;
	return best;
}
