import {
	slowCookerModel,
	type Kitchen,
	type SlowCooker
} from '../../kitchen/appliance-parameters.ts';
import { checkedKitchen } from '../checked-question.ts';
import { requireRange } from '../../require-range.ts';
import { CookRecorder, type CookRun } from '../run/cook-run.ts';
import { loadOfPiece, type CookedPiece } from '../run/load.ts';
import { Pot, potTables } from '../run/pot.ts';

const stepS = 30;
/** Liquid poured around a frozen block, °C, unless said. */
export const slowFrozenLiquidC = 4;

/**
 * A slow cooker from switching on (or from loading, with `delayMin` of waiting switched off) to the end of keeping warm.
 * Throws coded errors for broken input.
 */
export function runSlowCooker(input: {
	piece: CookedPiece;
	cooker: SlowCooker;
	setting: 'low' | 'high';
	kitchen: Kitchen;
	durationMin: number;
	zK: number;
	delayMin?: number;
	warmMin?: number;
}): CookRun {
	checkedKitchen(input.kitchen, input.zK);
	const model = slowCookerModel(input.cooker);
	const load = loadOfPiece(input.piece, model, slowFrozenLiquidC);
	const pot = new Pot({
		model,
		load,
		kitchen: input.kitchen,
		zK: input.zK,
		fineness: 'normal',
		tables: potTables(load, input.zK)
	});
	const recorder = new CookRecorder();
	recorder.record(pot);
	const stages = [
		{ powerW: 0, minutes: requireRange('delayMin', input.delayMin ?? 0, 0, 48 * 60) },
		{
			powerW: input.setting === 'low' ? model.lowW : model.highW,
			minutes: requireRange('durationMin', input.durationMin, 0, 48 * 60)
		},
		{ powerW: model.warmW, minutes: requireRange('warmMin', input.warmMin ?? 0, 0, 48 * 60) }
	];
	let endMin = 0;
	for (const stage of stages) {
		endMin += stage.minutes;
		while (pot.minute < endMin - 1e-9) {
			pot.step(Math.min(stepS, (endMin - pot.minute) * 60), { powerW: stage.powerW });
			recorder.record(pot);
		}
	}
	return recorder.finish(pot, 'finished');
}
