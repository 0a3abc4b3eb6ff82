import { dayWork } from '../published/day-work.ts';
import { requireRange } from '../require-range.ts';

export interface Bowl {
	kind: 'round' | 'oval';
	lengthM: number;
	widthM: number;
	depthM: number;
}
/** Effective heating power (the plate's figure is about 1.3 times it); `lossWPerK` is wall and lid together, split 5 : 3. */
export interface SlowCooker {
	volumeL: number;
	effectiveLowW?: number;
	effectiveHighW?: number;
	lossWPerK?: number;
	bowl?: Bowl;
	/** power and losses come from the household's own measurement: less is unknown */
	measured?: boolean;
}
export interface PressureCooker {
	volumeL: number;
	powerW?: number;
	gaugeKPa?: number;
	bowl?: Bowl;
	/** power comes from the household's own measurement */
	measured?: boolean;
}
/** A household's oven: what its air really is against what is set, and whether a fan moves it. */
export interface Oven {
	fan?: boolean;
	/** true air temperature less the one set, K */
	offsetK?: number;
	measured?: boolean;
	/** minutes until it is hot, as the household knows it */
	preheatMin?: number;
}

/** Minutes an oven takes to get hot: the household's own figure, or 12 (common practice: 10 to 15). */
export function preheatMinOf(oven: Oven | undefined): number {
	return requireRange('preheatMin', oven?.preheatMin ?? dayWork.preheatMin, 0, 60);
}

export interface Kitchen {
	altitudeM: number;
	roomC: number;
}

/** A heated pot as two lumps, wall and pool. Temperatures °C, conductances W/K, heats J/K. */
export interface PotModel {
	readonly wallHeatJPerK: number;
	readonly wallLossWPerK: number;
	readonly lidLossWPerK: number;
	readonly wallToPoolWPerK: number;
	/** K in Q = K·y/(1 − y), y = saturation over air pressure, W */
	readonly evaporationW: number;
	/** an oven around the wall, or none */
	readonly oven: { readonly wPerK: number; readonly ovenC: number } | null;
	readonly purgeKg: number;
	/** heat transfer where the food is wetted, above the liquid, W/m²K */
	readonly wetH: number;
	readonly steamH: number;
	readonly baseM2: number;
	/** the top of the piece is always above the liquid (covered roaster) */
	readonly topAlwaysDry: boolean;
}

const referenceL = 5.7;
const scale = (volumeL: number) =>
	(requireRange('volumeL', volumeL, 0.5, 30) / referenceL) ** (2 / 3);

/** Slow cooker: calibrated at 5.7 L to common practice, other sizes by (V/5.7)^(2/3). Judgement where nothing is measured. */
export function slowCookerModel(
	cooker: SlowCooker
): PotModel & { lowW: number; highW: number; warmW: number } {
	const s = scale(cooker.volumeL);
	const loss = requireRange('lossWPerK', cooker.lossWPerK ?? 1.6 * s, 0.05, 50);
	return {
		wallHeatJPerK: 3000 * s,
		wallLossWPerK: (loss * 5) / 8,
		lidLossWPerK: (loss * 3) / 8,
		wallToPoolWPerK: 14 * s,
		evaporationW: 4,
		oven: null,
		purgeKg: 0.15,
		wetH: 100,
		steamH: 30,
		baseM2: 0.045 * s,
		topAlwaysDry: false,
		lowW: requireRange('effectiveLowW', cooker.effectiveLowW ?? 140 * s, 5, 3000),
		highW: requireRange('effectiveHighW', cooker.effectiveHighW ?? 195 * s, 5, 3000),
		warmW: 80 * s
	};
}

/** Pressure cooker: one heat transfer coefficient throughout, since steam condenses on what is not wetted. */
export function pressureCookerModel(
	cooker: PressureCooker
): PotModel & { powerW: number; gaugeKPa: number } {
	const s = scale(cooker.volumeL);
	return {
		wallHeatJPerK: 1300 * s,
		wallLossWPerK: 0.9 * s,
		lidLossWPerK: 1.1 * s,
		wallToPoolWPerK: 60,
		evaporationW: 0,
		oven: null,
		purgeKg: 0.1,
		wetH: 400,
		steamH: 400,
		baseM2: 0.045 * s,
		topAlwaysDry: false,
		powerW: requireRange('powerW', cooker.powerW ?? 900, 50, 5000),
		gaugeKPa: requireRange('gaugeKPa', cooker.gaugeKPa ?? 72, 5, 120)
	};
}

/** How much a fan raises heat transfer in an oven: 25 over 18 W/m²K (from memory, judgement). */
export const fanGain = 25 / 18;

/** Heat from the oven's air to the wall of a covered dish, W/K: a deep roaster, a wide flat dish, and a casserole of which nobody says (calibrated to common practice). */
export const dishOvenWPerK = {
	roaster: 1.7,
	'wide-dish': 3,
	casserole: Math.sqrt(1.7 * 3)
} as const;

/** Covered dish in an oven, with liquid. */
export function roasterModel(
	ovenC: number,
	fan: boolean,
	dish: keyof typeof dishOvenWPerK = 'roaster'
): PotModel {
	return {
		wallHeatJPerK: 900,
		wallLossWPerK: 0,
		lidLossWPerK: 0,
		wallToPoolWPerK: 14,
		evaporationW: 6,
		oven: { wPerK: dishOvenWPerK[dish] * (fan ? fanGain : 1), ovenC },
		purgeKg: 0.15,
		wetH: 100,
		steamH: 30,
		baseM2: 0.09,
		topAlwaysDry: true
	};
}

/** Heat transfer on a pan that its food fills, W/m²K. */
export function panSurface(covered: boolean, fan: boolean) {
	const gain = fan ? fanGain : 1;
	return { side: 18 * gain, bottom: 18 * gain, top: (covered ? 9 : 20) * gain };
}

/** Pieces in one layer on a tray or in a shallow dish, uncovered: the metal under them is hot, W/m²K (judgement). */
export function traySurface(fan: boolean) {
	const air = fan ? 30 : 22;
	return { side: air, top: air, bottom: 30 };
}

/** A small oven with a strong fan: the filled pan or a layer of pieces, uncovered, W/m²K (judgement). */
export const fanOvenSurface = { side: 40, top: 50, bottom: 25 } as const;
/** It is hot so soon, minutes (common practice, no source). */
export const fanOvenPreheatMin = 3;
/** A bag in a water bath, circulated and still, and food in steam: the same on every face, W/m²K (judgement). */
export const bathWPerM2K = { circulated: 250, still: 95, steam: 300 } as const;

/**
 * Below this share of its bowl a slow cooker heats no faster: its wall touches less food, and its useful power falls about as
 * 0.25 + 0.75 of the level, which is as if the missing food were there (judgement; docs/numbers.md). For dishes that are all
 * pool, and for pieces in a little liquid, whose figures are checked down to a quarter.
 */
export const leastSlowFill01 = { pool: 0.35, pieces: 0.24 } as const;
