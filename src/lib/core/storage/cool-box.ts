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
/** Ice and cold packs come from a freezer, °C. */
const iceC = -18;
const hardC = -5;
const coldC = 5;
const longestH = 240;
const spread = { from: 2 / 3, to: 4 / 3 } as const;

/**
 * Hours a cool box keeps packs hard (their mean at or below −5 °C) and then at or below 5 °C. What is put in shares its heat, not its
 * temperature: packs at their own, ice from the freezer; what is warm takes from what is cold. From then on all of it warms together, the
 * ice melting at 0 °C, by the heat that comes through the walls. The middle of a full box stays hard for long after the mean has left
 * −5 °C. `ambientC` °C, −10 to 50; longer than 240 h is 240. Throws coded errors for broken input.
 */
export function coolBox(input: {
	packs: readonly { food: FoodSpec; massKg: number; tempC: number }[];
	/** cold packs count as ice by their weight */
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
	for (const { massKg, tempC } of packs) {
		requireRange('massKg', massKg, 0.01, 200);
		requireRange('tempC', tempC, -40, 100);
	}
	if (packs.length === 0 && iceKg === 0) return { hardH: hours(0), to5H: hours(0) };
	const iceJ = (tempC: number) =>
		iceKg * (tempC < 0 ? iceJPerKgK * tempC : latentIceJPerKg + waterJPerKgK * tempC);
	/** Heat that packs and ice hold at a common temperature, J. */
	const heatJ = (tempC: number): number =>
		packs.reduce(
			(sum, { food, massKg }) => sum + massKg * foodProperties(food, tempC).enthalpyJPerKg,
			0
		) + iceJ(tempC);
	/** and what they hold as they go in */
	const startJ =
		packs.reduce(
			(sum, { food, massKg, tempC }) => sum + massKg * foodProperties(food, tempC).enthalpyJPerKg,
			0
		) + iceJ(iceC);
	// just below 0 °C the ice has not melted, and melts there before anything passes 0
	const marks = temperatures(ambientC);
	/** Hours until everything is as warm as `endC`. */
	const until = (endC: number): number => {
		let h = 0;
		for (let i = 1; i < marks.length && marks[i] <= endC + 1e-9 && h < longestH; i++) {
			const toJ = heatJ(marks[i]);
			if (toJ <= startJ) continue;
			const fromJ = Math.max(startJ, heatJ(marks[i - 1]));
			const inW = wPerK * (ambientC - (marks[i - 1] + marks[i]) / 2) + openW;
			if (inW <= 0) return longestH;
			h += (toJ - fromJ) / inW / 3600;
		}
		return endC > marks[marks.length - 1] + 1e-9 ? longestH : Math.min(h, longestH);
	};
	return { hardH: hours(until(hardC)), to5H: hours(until(coldC)) };
}

/** Steps of temperature, the melting of ice one of them, no further than the surroundings. */
function temperatures(ambientC: number): number[] {
	const marks: number[] = [];
	for (let c = -40; c <= 5 + 1e-9 && c <= Math.max(ambientC, -40); c += 0.25) {
		if (Math.abs(c) < 1e-9) marks.push(-1e-6);
		marks.push(Math.abs(c) < 1e-9 ? 0 : c);
	}
	return marks;
}

const hours = (likely: number): Hours => ({
	from: likely * spread.from,
	likely,
	to: likely * spread.to
});
