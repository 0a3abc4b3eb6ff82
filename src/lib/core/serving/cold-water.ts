import { thawingRange } from '../freezing/thawing-range.ts';

export type WaterRefusal = 'pan' | 'too-long-in-water';

/**
 * Longest in cold water at the unfavourable end, minutes. USDA FSIS gives 2 to 3 h for 3 to 4 lb, water changed every half hour;
 * four hours is also how long food may be above 5 °C here.
 */
export const longestInWaterMin = 240;

/** Whether a pack may be put into cold water to soften or thaw: no pans (glass, ceramic, lids), not for hours. */
export function mayGoIntoWater(inPan: boolean, waterMin: number | null): boolean {
	return waterRefusal(inPan, waterMin) === null;
}

/** Why a pack may not; null when it may. `waterMin`: likely minutes it takes there. */
export function waterRefusal(inPan: boolean, waterMin: number | null): WaterRefusal | null {
	if (inPan) return 'pan';
	const inWater = thawingRange(waterMin);
	return inWater === null || inWater.to > longestInWaterMin ? 'too-long-in-water' : null;
}
