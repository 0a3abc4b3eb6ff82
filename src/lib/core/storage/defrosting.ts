import { foodProperties } from '../foods/food-properties.ts';
import type { FoodSpec } from '../foods/food-spec.ts';
import { requireRange } from '../require-range.ts';
import type { Spread } from '../cooking/conversion/conversion.ts';

/** Still air and a blanket: resistance of the air film, m²K/W, and conductivity of wool or fleece, W/mK (judgement). */
const airM2KPerW = 1 / 8;
const blanketWPerMK = 0.04;
/** Packs under blankets are counted as hard up to here, °C. */
export const stackHardC = -12;
const packedKgPerM3 = 750;
const spread = { from: 2 / 3, to: 4 / 3 } as const;

/**
 * Hours a stack of packs stays below −12 °C under blankets, as one block as high as it is wide: its heat from where it is to −12 °C over
 * what comes through the blanket and the air on all its faces. The short end is two thirds: gaps, and somebody looks. Throws coded errors.
 */
export function underBlankets(input: {
	packs: readonly { food: FoodSpec; massKg: number }[];
	/** how cold they are when they come out, °C */
	startC: number;
	blanketM: number;
	roomC: number;
}): Spread {
	const startC = requireRange('startC', input.startC, -40, stackHardC);
	const blanketM = requireRange('blanketM', input.blanketM, 0, 0.3);
	const roomC = requireRange('roomC', input.roomC, -10, 45);
	const massKg = input.packs.reduce(
		(sum, pack) => sum + requireRange('massKg', pack.massKg, 0.01, 200),
		0
	);
	if (massKg === 0) return { from: 0, likely: 0, to: 0 };
	const heatJ = input.packs.reduce(
		(sum, { food, massKg: kg }) =>
			sum +
			kg *
				(foodProperties(food, stackHardC).enthalpyJPerKg -
					foodProperties(food, startC).enthalpyJPerKg),
		0
	);
	const sideM = Math.cbrt(massKg / packedKgPerM3);
	const meanK = roomC - (startC + stackHardC) / 2;
	if (meanK <= 0) return { from: 240, likely: 240, to: 240 };
	const inW = (6 * sideM ** 2 * meanK) / (airM2KPerW + blanketM / blanketWPerMK);
	const likely = Math.min(240, heatJ / inW / 3600);
	return { from: likely * spread.from, likely, to: likely * spread.to };
}

/** A pack of a freezer that is to be defrosted. */
export interface DefrostPack {
	code: string;
	litres: number;
	thicknessM: number;
	bestBy: string | null;
	/** ices go first of all: soft once, they are gone */
	isIce: boolean;
}

/** So many are set aside to be eaten the same day. */
const eatMost = 3;

/**
 * Where the packs of a freezer go while it is defrosted: what wants to be eaten is eaten that day, what is soft soonest (ices, then thin
 * packs) goes into the room another freezer has, the rest is stacked under blankets.
 */
export function defrostPlan<Pack extends DefrostPack>(
	packs: readonly Pack[],
	{ otherL, until }: { otherL: number; /** best by before then: eaten first */ until: string }
): { eat: Pack[]; other: Pack[]; stack: Pack[] } {
	const eat = packs
		.filter(({ bestBy, isIce }) => !isIce && (bestBy === null || bestBy < until))
		.sort((a, b) => (a.bestBy ?? '').localeCompare(b.bestBy ?? ''))
		.slice(0, eatMost);
	const rest = packs
		.filter((pack) => !eat.includes(pack))
		.sort((a, b) => Number(b.isIce) - Number(a.isIce) || a.thicknessM - b.thicknessM);
	let leftL = otherL;
	const other = rest.filter(({ litres }) => {
		if (litres > leftL) return false;
		leftL -= litres;
		return true;
	});
	return { eat, other, stack: rest.filter((pack) => !other.includes(pack)) };
}
