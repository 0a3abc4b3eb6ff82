import { foodFromSpec, type FoodSpec } from '../../foods/food-spec.ts';
import { foodProperties } from '../../foods/food-properties.ts';
import { requireRange } from '../../require-range.ts';

/** Mean at which the coldest spot is at 74 °C, stirred once and after standing, °C. Judgement. */
export const stirredEndC = 85;
/** It evens out by itself for so long before it is eaten, minutes. */
export const standingMin = 2;
/** More than this does not heat evenly: it is divided, kg. */
export const dividedFromKg = 0.6;
/** A block thicker than this is thawed at half power first, metres. */
const halfPowerFromM = 0.04;
/** Up to here frozen food is heated at half power, where it is. */
const looseC = -1;

/** Share of a microwave's printed output that stays in the food: small amounts take little of it. Judgement. */
export const absorbed01 = (massKg: number): number => 0.62 * (1 - Math.exp(-massKg / 0.16));

/**
 * Minutes in a microwave of a printed output until food is hot through, stirred or turned half way. Frozen raw food and blocks over
 * 4 cm go at half power until they come apart.
 */
export function microwaveMin(input: {
	food: FoodSpec;
	massKg: number;
	startC: number;
	powerW: number;
	raw: boolean;
	thicknessM: number;
}): number {
	const massKg = requireRange('massKg', input.massKg, 0.0005, 25);
	const wattsIn = requireRange('powerW', input.powerW, 100, 3000) * absorbed01(massKg);
	const at = (tempC: number) => foodProperties(input.food, tempC).enthalpyJPerKg;
	const full = (massKg * (at(stirredEndC) - at(input.startC))) / wattsIn / 60;
	const apartC = Math.min(looseC, foodFromSpec(input.food).freezingC);
	const isSlow = input.startC < apartC && (input.raw || input.thicknessM > halfPowerFromM);
	const atHalf = isSlow ? (massKg * (at(apartC) - at(input.startC))) / wattsIn / 60 : 0;
	return full + atHalf;
}
