import {
	conductivityWPerMK as conductivityTable,
	densityKgPerM3 as densityTable,
	heatJPerKgK as heatTable,
	latentIceJPerKg
} from '../published/choi-okos.ts';
import { requireRange } from '../require-range.ts';
import { foodFromSpec, type Food, type FoodSpec } from './food-spec.ts';

const solids = ['protein', 'fat', 'carbohydrate', 'fibre', 'ash'] as const;

type Quadratic = readonly [number, number, number];
const value = (p: Quadratic, t: number) => p[0] + t * (p[1] + t * p[2]);
const integral = (p: Quadratic, t: number) => t * (p[0] + t * (p[1] / 2 + (t * p[2]) / 3));
const waterHeat = (t: number) => (t < 0 ? heatTable.coldWater : heatTable.water);

/** Ice mass fraction (Miles): the water that is not bound freezes out along 1 − tf/T. */
export function ice01(food: Food, tempC: number): number {
	if (tempC >= food.freezingC) return 0;
	const { water, protein } = food.composition;
	const bound = Math.min(0.4 * protein, 0.5 * water);
	return (water - bound) * (1 - food.freezingC / tempC);
}

/** Enthalpy, J/kg, zero for unfrozen food at 0 °C. */
export function enthalpyJPerKg(food: Food, tempC: number): number {
	const ice = ice01(food, tempC);
	let h = (food.composition.water - ice) * integral(waterHeat(tempC), tempC);
	if (ice > 0) h += ice * (integral(heatTable.ice, tempC) - latentIceJPerKg);
	for (const s of solids) h += food.composition[s] * integral(heatTable[s], tempC);
	return h;
}

/** Density of the unfrozen food at 20 °C, kg/m³; held fixed so that mass and volume stay together. */
export function foodDensityKgPerM3(food: Food): number {
	let volume = food.composition.water / value(densityTable.water, 20);
	for (const s of solids) volume += food.composition[s] / value(densityTable[s], 20);
	return 1 / volume;
}

/**
 * Conductivity, W/mK: components in parallel by volume, ice added by Levy's equation; times `mobility` at and above the
 * freezing point, and ramping to `cookedGain` from 55 to 75 °C.
 */
export function foodConductivityWPerMK(food: Food, tempC: number): number {
	const ice = ice01(food, tempC);
	let matrixVolume = (food.composition.water - ice) / value(densityTable.water, tempC);
	let sum = matrixVolume * value(conductivityTable.water, tempC);
	for (const s of solids) {
		const volume = food.composition[s] / value(densityTable[s], tempC);
		matrixVolume += volume;
		sum += volume * value(conductivityTable[s], tempC);
	}
	const matrix = sum / matrixVolume;
	if (ice > 0) {
		const iceVolume = ice / value(densityTable.ice, tempC);
		const ratio = value(conductivityTable.ice, tempC) / matrix;
		const phi = iceVolume / (iceVolume + matrixVolume);
		const sigma = (ratio - 1) ** 2 / ((ratio + 1) ** 2 + ratio / 2);
		const a = 2 / sigma - 1 + 2 * phi;
		const f = (a - Math.sqrt(a * a - (8 * phi) / sigma)) / 2;
		return (matrix * (2 + ratio + 2 * (ratio - 1) * f)) / (2 + ratio - (ratio - 1) * f);
	}
	const ramp = Math.min(1, Math.max(0, (tempC - 55) / 20));
	const loose = tempC >= food.freezingC ? food.mobility : 1;
	return matrix * loose * (1 + (food.cookedGain - 1) * ramp);
}

/**
 * Thermal properties of a food at a temperature, from its composition (Choi and Okos 1986; ice after Miles, conductivity of
 * partly frozen food after Levy). `heatJPerKgK` is the apparent heat capacity, latent heat included.
 * Throws coded errors for broken compositions and for temperatures outside −60 to 160 °C.
 */
export function foodProperties(
	spec: FoodSpec,
	tempC: number
): {
	ice01: number;
	enthalpyJPerKg: number;
	conductivityWPerMK: number;
	densityKgPerM3: number;
	heatJPerKgK: number;
} {
	requireRange('tempC', tempC, -60, 160);
	const food = foodFromSpec(spec);
	const dK = 1e-4;
	const forward = tempC >= food.freezingC;
	const other = enthalpyJPerKg(food, forward ? tempC + dK : tempC - dK);
	const h = enthalpyJPerKg(food, tempC);
	return {
		ice01: ice01(food, tempC),
		enthalpyJPerKg: h,
		conductivityWPerMK: foodConductivityWPerMK(food, tempC),
		densityKgPerM3: foodDensityKgPerM3(food),
		heatJPerKgK: Math.abs(other - h) / dK
	};
}
