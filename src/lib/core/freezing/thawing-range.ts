import type { Spread } from '../cooking/conversion/conversion.ts';

/** How thawing varies: contact, stacking, the place's own cycle (docs/numbers.md: −30 to +50 %). */
const share = { from: 0.7, to: 1.5 };

/** A thawing time as it is shown and planned with, everywhere: its range around the likely minutes; null when it never thaws there. */
export function thawingRange(likelyMin: number | null): Spread | null {
	if (likelyMin === null) return null;
	return { from: likelyMin * share.from, likely: likelyMin, to: likelyMin * share.to };
}
