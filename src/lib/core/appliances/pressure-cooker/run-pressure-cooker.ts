import { airPressureKPa } from '../../water/air-pressure.ts';
import {
	pressureCookerModel,
	type Kitchen,
	type PressureCooker
} from '../../kitchen/appliance-parameters.ts';
import { boilingC } from '../../water/saturation.ts';
import { checkedKitchen } from '../checked-question.ts';
import { requireRange } from '../../require-range.ts';
import { CookRecorder, type CookRun } from '../run/cook-run.ts';
import { loadOfPiece, type CookedPiece } from '../run/load.ts';
import { Pot, potTables } from '../run/pot.ts';
import { comeUp, hold, releaseAndRest } from './pressure-phases.ts';

const stepS = 5;
export const pressureFrozenLiquidC = 10;

/** Temperature in a closed pressure cooker at this altitude, °C. */
export function pressureCookingC(gaugeKPa: number, altitudeM: number): number {
	return boilingC(airPressureKPa(altitudeM) + gaugeKPa);
}

/**
 * A pressure cooker: come-up, hold, release, ten minutes' rest in the opened pot. `stepLimit` when it never comes to pressure.
 * Throws coded errors for broken input.
 */
export function runPressureCooker(input: {
	piece: CookedPiece;
	cooker: PressureCooker;
	kitchen: Kitchen;
	holdMin: number;
	release: 'natural' | 'quick';
	zK: number;
}): CookRun {
	checkedKitchen(input.kitchen, input.zK);
	const minutes = requireRange('holdMin', input.holdMin, 0, 600);
	const model = pressureCookerModel(input.cooker);
	const load = loadOfPiece(input.piece, model, pressureFrozenLiquidC);
	const targetC = pressureCookingC(model.gaugeKPa, input.kitchen.altitudeM);
	const pot = new Pot({
		model,
		load,
		kitchen: input.kitchen,
		zK: input.zK,
		fineness: 'normal',
		tables: potTables(load, input.zK)
	});
	const recorder = new CookRecorder();
	const onStep = (p: Pot) => recorder.record(p);
	recorder.record(pot);
	const comeUpMin = comeUp(pot, { powerW: model.powerW, targetC, stepS, onStep });
	if (comeUpMin === null) return recorder.finish(pot, 'stepLimit');
	hold(pot, { targetC, minutes, stepS, onStep });
	recorder.record(pot, true);
	const { releaseMin } = releaseAndRest(pot, { release: input.release, stepS, onStep });
	return { ...recorder.finish(pot, 'finished'), comeUpMin, releaseMin };
}
