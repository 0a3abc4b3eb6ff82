import { foodFromSpec, type FoodSpec } from '../../foods/food-spec.ts';
import { foodProperties } from '../../foods/food-properties.ts';
import { softenedC } from '../../freezing/thawing-time.ts';
import { surfaceAreaM2, type Shape } from '../../heat/shape.ts';
import { waterJPerKgK } from '../../water/water-heat.ts';
import type { PotModel } from '../../kitchen/appliance-parameters.ts';
import type { DishKind } from '../../published/dish-kinds.ts';
import type { HobLevel } from '../method.ts';

/** Watts that reach the pot. Judgement; the household measures them with water. */
const potW: Readonly<Record<HobLevel, number>> = { low: 500, medium: 900, high: 1400 };
/** The same of a burner whose high was measured with water, W. */
const wattsAt = (level: HobLevel, highW: number | undefined): number =>
	highW === undefined ? potW[level] : (potW[level] / potW.high) * highW;
const potBaseM2 = 0.045;
/** Heat a base passes before its food catches, W/m²: thick, and thin with liquid around. Judgement. */
const catchesWPerM2 = { thick: 8000, thin: 15_000 } as const;
/** Thin liquid around the food from here on, kg. */
const thinFromKg = 0.2;
/** The pot's own heat, J/K, and how much its water is warmed before the block goes in, K. */
const potJPerK = 800;
const warmedK = 80;
/** A block lying in hot water and steam, W/m²K, and how much warmer they are, K. */
const blockWPerM2K = 150;
const blockK = 100;

/** A pot with its lid on: heated from below, it loses little and boils off little. */
export const hobPot: PotModel = {
	wallHeatJPerK: potJPerK,
	wallLossWPerK: 0.6,
	lidLossWPerK: 0.6,
	wallToPoolWPerK: 60,
	evaporationW: 6,
	oven: null,
	purgeKg: 0.1,
	wetH: 150,
	steamH: 60,
	baseM2: potBaseM2,
	topAlwaysDry: false
};

/** Watts that go into the food at a level: what the burner gives, or what it takes without catching. */
export function hobW(level: HobLevel, kind: DishKind, liquidKg: number, highW?: number): number {
	const thin = kind === 'pulse-soup' || liquidKg >= thinFromKg;
	return Math.min(wattsAt(level, highW), catchesWPerM2[thin ? 'thin' : 'thick'] * potBaseM2);
}

/** After this a block is broken up and stirred; its food counts as just thawed, °C. */
export const brokenUpC = 0.5;

/**
 * Minutes until a frozen block is broken up in the pot, free of ice and just thawed: water and pot are heated, the block lies in them
 * until 70 % of its heat is in and it bends, then it is stirred until the last ice is gone.
 */
export function breakUpMin(input: {
	food: FoodSpec;
	shape: Shape;
	massKg: number;
	startC: number;
	waterKg: number;
	level: HobLevel;
	/** measured, of the burner on high */
	highW?: number;
	stirredW: number;
}): number {
	const { food, massKg } = input;
	const burnerW = wattsAt(input.level, input.highW);
	const at = (tempC: number) => foodProperties(food, tempC).enthalpyJPerKg;
	const bendsC = Math.max(input.startC, Math.min(softenedC(food), foodFromSpec(food).freezingC));
	const heatS = ((waterJPerKgK * input.waterKg + potJPerK) * warmedK) / burnerW;
	const blockW = Math.min(burnerW, blockWPerM2K * surfaceAreaM2(input.shape) * blockK);
	const bendS = (massKg * (at(bendsC) - at(input.startC))) / blockW;
	const stirS = (massKg * (at(brokenUpC) - at(bendsC))) / input.stirredW;
	return (heatS + bendS + stirS) / 60;
}
