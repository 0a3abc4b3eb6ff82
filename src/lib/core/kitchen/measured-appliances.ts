import { comeUp } from '../appliances/pressure-cooker/pressure-phases.ts';
import { pressureCookingC } from '../appliances/pressure-cooker/run-pressure-cooker.ts';
import { Pot } from '../appliances/run/pot.ts';
import type { Load } from '../appliances/run/load.ts';
import { requireRange } from '../require-range.ts';
import {
	pressureCookerModel,
	slowCookerModel,
	type Kitchen,
	type PressureCooker,
	type SlowCooker
} from './appliance-parameters.ts';

/** Heat capacity of water, J/kgK. */
const waterJPerKgK = 4186;
const stepS = 60;

/** A pot of water and nothing else. */
const waterLoad = (litres: number, startC: number): Load => ({
	pieces: null,
	startC,
	poolJPerK: litres * waterJPerKgK,
	poolStartC: startC,
	surface: { side: 0, bottom: 0, top: 0 }
});

const potOf = (
	model: ConstructorParameters<typeof Pot>[0]['model'],
	load: Load,
	kitchen: Kitchen
) => new Pot({ model, load, kitchen, zK: 33, fineness: 'coarse', tables: null });

/** Finds where a rising function passes a value, by bisection; null when it does not between the bounds. */
export function solve(
	rising: (x: number) => number,
	value: number,
	low: number,
	high: number,
	halvings = 40
): number | null {
	if (rising(low) > value || rising(high) < value) return null;
	let [a, b] = [low, high];
	for (let i = 0; i < halvings; i++) {
		const middle = (a + b) / 2;
		if (rising(middle) < value) a = middle;
		else b = middle;
	}
	return (a + b) / 2;
}

/** Water in a slow cooker on low after some hours, lid on, °C. */
export function slowCookerWaterC(input: {
	cooker: SlowCooker;
	kitchen: Kitchen;
	waterL: number;
	startC: number;
	afterH: number;
}): number {
	const model = slowCookerModel(input.cooker);
	const pot = potOf(model, waterLoad(input.waterL, input.startC), input.kitchen);
	for (let i = 0; i < Math.round((input.afterH * 3600) / stepS); i++)
		pot.step(stepS, { powerW: model.lowW });
	return pot.poolC;
}

/**
 * A slow cooker corrected by the household's own test: cold water, lid on, LOW, one temperature after some hours. Its low power
 * is what gives that temperature; high keeps its usual ratio to low; losses stay as usual for its size. Null when no sensible
 * power does (water that hardly warmed, or boiled). Throws coded errors for broken input.
 */
export function measuredSlowCooker(input: {
	cooker: SlowCooker;
	kitchen: Kitchen;
	waterL: number;
	startC: number;
	afterH: number;
	waterC: number;
}): SlowCooker | null {
	requireRange('waterL', input.waterL, 0.5, 10);
	requireRange('startC', input.startC, 1, 40);
	requireRange('afterH', input.afterH, 0.5, 12);
	requireRange('waterC', input.waterC, input.startC, 100);
	const bare: SlowCooker = { volumeL: input.cooker.volumeL, bowl: input.cooker.bowl };
	const usual = slowCookerModel(bare);
	const lowW = solve(
		(effectiveLowW) => slowCookerWaterC({ ...input, cooker: { ...bare, effectiveLowW } }),
		input.waterC,
		usual.lowW / 3,
		usual.lowW * 2.5
	);
	return lowW === null
		? null
		: {
				...bare,
				effectiveLowW: Math.round(lowW),
				effectiveHighW: Math.round((lowW * usual.highW) / usual.lowW),
				measured: true
			};
}

/** Minutes until a pressure cooker with nothing but water is at pressure; null when it does not get there. */
export function pressureComeUpMin(input: {
	cooker: PressureCooker;
	kitchen: Kitchen;
	waterL: number;
	startC: number;
}): number | null {
	const model = pressureCookerModel(input.cooker);
	const targetC = pressureCookingC(model.gaugeKPa, input.kitchen.altitudeM);
	const pot = potOf(model, waterLoad(input.waterL + model.purgeKg, input.startC), input.kitchen);
	return comeUp(pot, { powerW: model.powerW, targetC, stepS: 5 });
}

/** A pressure cooker corrected by its come-up with cold water. Null when no sensible power gives that time. */
export function measuredPressureCooker(input: {
	cooker: PressureCooker;
	kitchen: Kitchen;
	waterL: number;
	startC: number;
	comeUpMin: number;
}): PressureCooker | null {
	requireRange('waterL', input.waterL, 0.25, 8);
	requireRange('startC', input.startC, 1, 40);
	requireRange('comeUpMin', input.comeUpMin, 1, 120);
	const speed = (powerW: number) => {
		const minutes = pressureComeUpMin({ ...input, cooker: { ...input.cooker, powerW } });
		return minutes === null ? 0 : 1 / minutes;
	};
	const powerW = solve(speed, 1 / input.comeUpMin, 200, 3500);
	return powerW === null ? null : { ...input.cooker, powerW: Math.round(powerW), measured: true };
}
