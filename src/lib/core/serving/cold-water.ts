import { twoHours } from '../rules/two-hours.ts';
import { thawingRange } from '../freezing/thawing-range.ts';
import { kgPer } from '../units/factors.ts';

/** Water that thaws a pack is changed this often, minutes (common practice, no source). */
export const changesWaterMin = 30;

export type WaterRefusal = 'pan' | 'too-long-in-water';

/** USDA FSIS, The big thaw (from memory): a pound within an hour, three to four pounds in two to three hours. */
const publicMinPerLb = 45;
const publicLeastMin = 60;

/** What the heat model says of a pack in cold water, minutes. */
export interface InWater {
	/** until it is as thawed as is wanted; null: never */
	min: number | null;
	/** until its surface is above 5 °C; null: not before that. Left out (an older card): from the beginning */
	warmMin?: number | null;
	massKg: number;
}

/** How long a pack of a weight is in cold water by the public figure, minutes. */
export const publicWaterMin = (massKg: number): number =>
	Math.max(publicLeastMin, (massKg / kgPer.lb) * publicMinPerLb);

/**
 * Why a pack may not soften or thaw in cold water; null when it may. Pans may not (glass, ceramic, lids). Others may while their
 * surface is above 5 °C for at most two hours at the unfavourable end, or while they take no longer than the public figure for their
 * weight; the water is changed every half hour, and they are cooked at once.
 */
export function waterRefusal(
	inPan: boolean,
	{ min, warmMin, massKg }: InWater
): WaterRefusal | null {
	if (inPan) return 'pan';
	const inWater = thawingRange(min);
	if (inWater === null) return 'too-long-in-water';
	const warmFor = warmMin === null ? 0 : inWater.to - (warmMin ?? 0);
	return warmFor <= twoHours.outH * 60 || inWater.likely <= publicWaterMin(massKg)
		? null
		: 'too-long-in-water';
}
