import { panSurface, roasterModel, type Kitchen } from '../../kitchen/appliance-parameters.ts';
import { checkedKitchen } from '../checked-question.ts';
import { requireRange } from '../../require-range.ts';
import type { CookingState } from '../run/cooking-state.ts';
import { CookRecorder, type CookRun } from '../run/cook-run.ts';
import { AirBody } from '../run/air-body.ts';
import { loadOfPiece, type CookedPiece } from '../run/load.ts';
import { Pot, potTables, type PotTables } from '../run/pot.ts';

const stepS = 30;
export const ovenFrozenLiquidC = 4;

/** `liquid` pieces stand in a covered roaster; `filled` fills its pan. The oven is hot from the start. Throws coded errors. */
export function runOven(input: {
	piece: CookedPiece;
	kind: 'roaster' | 'filled';
	covered: boolean;
	ovenC: number;
	fan?: boolean;
	kitchen: Kitchen;
	durationMin: number;
	zK: number;
}): CookRun {
	checkedKitchen(input.kitchen, input.zK);
	requireRange('ovenC', input.ovenC, 40, 300);
	const durationMin = requireRange('durationMin', input.durationMin, 0, 48 * 60);
	const model = roasterModel(input.ovenC, input.fan ?? false);
	const load = loadOfPiece(input.piece, model, ovenFrozenLiquidC);
	const tables = potTables(load, input.zK) as PotTables;
	const common = { kitchen: input.kitchen, zK: input.zK, fineness: 'normal' as const, tables };
	let state: CookingState;
	let step: (dtS: number) => void;
	if (input.kind === 'filled') {
		const pan = new AirBody({
			...common,
			piece: input.piece,
			ambientC: input.ovenC,
			surface: panSurface(input.covered, input.fan ?? false)
		});
		[state, step] = [pan, (dtS) => pan.step(dtS)];
	} else {
		const pot = new Pot({ ...common, model, load });
		[state, step] = [pot, (dtS) => pot.step(dtS, { powerW: 0 })];
	}
	const recorder = new CookRecorder();
	recorder.record(state);
	while (state.minute < durationMin - 1e-9) {
		step(Math.min(stepS, (durationMin - state.minute) * 60));
		recorder.record(state);
	}
	return recorder.finish(state, 'finished');
}
