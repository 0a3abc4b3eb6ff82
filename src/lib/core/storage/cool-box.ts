import { foodProperties } from '../foods/food-properties.ts';
import type { FoodSpec } from '../foods/food-spec.ts';
import { latentIceJPerKg } from '../published/choi-okos.ts';
import { waterJPerKgK } from '../water/water-heat.ts';
import { requireRange } from '../require-range.ts';

interface Hours {
	/** two thirds of the likely: lids are lifted, and the sun finds the box (judgement) */
	from: number;
	likely: number;
	to: number;
}

/** A hard box of 25 L with a foamed lid, and a soft bag of that size, W/K; others by their surface (judgement). */
const lossWPerK = { hard: 0.8, soft: 2 } as const;
const referenceL = 25;
/** What an opening a day lets in, W (judgement). */
const openingW = 2;
const iceJPerKgK = 2100;
const stepK = 0.25;
const hardC = -5;
const coldC = 5;
const longestH = 240;
const spread = { from: 2 / 3, to: 4 / 3 } as const;

/**
 * Hours a cool box keeps packs hard (their mean at or below −5 °C) and then at or below 5 °C, packs and ice warming together by the heat
 * that comes through the walls. The middle of a full box stays hard for long after the mean has left −5 °C. `ambientC` °C, −10 to 50;
 * longer than 240 h is 240. Throws coded errors for broken input.
 */
export function coolBox(input: {
	packs: readonly { food: FoodSpec; massKg: number; tempC: number }[];
	/** cold packs count as ice by their weight; as cold as the packs */
	iceKg?: number;
	box: { kind: 'hard' | 'soft'; volumeL: number };
	ambientC: number;
	openingsPerDay?: number;
}): { hardH: Hours; to5H: Hours } {
	const { packs, box } = input;
	const iceKg = requireRange('iceKg', input.iceKg ?? 0, 0, 100);
	const ambientC = requireRange('ambientC', input.ambientC, -10, 50);
	const openW = requireRange('openingsPerDay', input.openingsPerDay ?? 1, 0, 200) * openingW;
	const wPerK =
		lossWPerK[box.kind] * (requireRange('volumeL', box.volumeL, 1, 500) / referenceL) ** (2 / 3);
	const massKg = packs.reduce(
		(sum, pack) => sum + requireRange('massKg', pack.massKg, 0.01, 200),
		0
	);
	if (massKg === 0) return { hardH: hours(0), to5H: hours(0) };
	const startC =
		packs.reduce((sum, pack) => sum + pack.massKg * requireRange('tempC', pack.tempC, -40, 20), 0) /
		massKg;
	/** Heat that packs and ice take up to a common temperature, J. */
	const heatJ = (tempC: number): number =>
		packs.reduce(
			(sum, { food, massKg: kg }) => sum + kg * foodProperties(food, tempC).enthalpyJPerKg,
			0
		) +
		iceKg * (tempC < 0 ? iceJPerKgK * tempC : latentIceJPerKg + waterJPerKgK * tempC);
	/** Hours from the start until everything is as warm as `endC`. */
	const until = (endC: number): number => {
		let h = 0;
		let heldJ = heatJ(startC);
		for (let tempC = startC; tempC < endC && h < longestH; tempC += stepK) {
			const nextC = Math.min(endC, tempC + stepK);
			const inW = wPerK * (ambientC - (tempC + nextC) / 2) + openW;
			if (inW <= 0) return longestH;
			const nextJ = heatJ(nextC);
			h += (nextJ - heldJ) / inW / 3600;
			heldJ = nextJ;
		}
		return Math.min(h, longestH);
	};
	return { hardH: hours(until(hardC)), to5H: hours(until(coldC)) };
}

const hours = (likely: number): Hours => ({
	from: likely * spread.from,
	likely,
	to: likely * spread.to
});
