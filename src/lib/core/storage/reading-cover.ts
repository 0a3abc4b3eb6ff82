import type { FreezerReading } from './warm-spells.ts';

/** A reading stands for the time around it as long as the next one is no further off, hours. */
export const readingGapH = 2;
const hourMs = 3600_000;

/** What readings say of a span of time, and how much of it they say it of. */
export interface ReadingCover {
	/** hours of the span between two readings that lie close enough, or that close to its ends */
	coveredH: number;
	warmestC: number | null;
	/** hours above a temperature, by straight lines between readings */
	aboveH(limitC: number): number;
}

/**
 * How far readings cover a span: a stretch between two readings counts when they are at most two hours apart, and the ends when a
 * reading lies within two hours of them. A single reading covers no time. Readings in time order, those around the span included.
 */
export function readingCover(
	readings: readonly FreezerReading[],
	{ fromMs, toMs }: { fromMs: number; toMs: number }
): ReadingCover {
	const gapMs = readingGapH * hourMs;
	const near = readings.filter(({ atMs }) => atMs >= fromMs - gapMs && atMs <= toMs + gapMs);
	const inside = (aMs: number, bMs: number) =>
		Math.max(0, Math.min(bMs, toMs) - Math.max(aMs, fromMs));
	const stretches = near.slice(1).flatMap((b, i) => {
		const a = near[i];
		return b.atMs - a.atMs <= gapMs && inside(a.atMs, b.atMs) > 0 ? [{ a, b }] : [];
	});
	let coveredMs = stretches.reduce((sum, { a, b }) => sum + inside(a.atMs, b.atMs), 0);
	const [first, last] = [stretches.at(0)?.a, stretches.at(-1)?.b];
	// the ends are as near to a reading as two readings may be to each other
	if (first && last) coveredMs += Math.max(0, first.atMs - fromMs) + Math.max(0, toMs - last.atMs);
	return {
		coveredH: coveredMs / hourMs,
		warmestC: near.length > 0 ? Math.max(...near.map(({ tempC }) => tempC)) : null,
		aboveH: (limitC) => {
			let ms = 0;
			for (const { a, b } of stretches) {
				const span = inside(a.atMs, b.atMs);
				const [low, high] = [Math.min(a.tempC, b.tempC), Math.max(a.tempC, b.tempC)];
				if (low > limitC) ms += span;
				else if (high > limitC) ms += (span * (high - limitC)) / (high - low);
			}
			return ms / hourMs;
		}
	};
}
