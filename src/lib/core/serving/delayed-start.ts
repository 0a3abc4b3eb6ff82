import type { ConvertInput } from '../cooking/conversion/conversion.ts';
import { scenarioOf } from '../cooking/conversion/reference-scenario.ts';
import type { Method, State } from '../cooking/method.ts';
import { efforts, startedCook, TableCache } from '../cooking/conversion/scenario.ts';
import { asLikely, type Unknowns } from '../cooking/conversion/unknowns.ts';
import { slowCookerModel } from '../kitchen/appliance-parameters.ts';
import { requireRange } from '../require-range.ts';
import { bestAdvice, type Advice, type Reason } from '../safety/best-advice.ts';
import { thicknessM } from '../heat/shape.ts';

/** What a timer does to a pack in the slow cooker. */
export interface DelayedStart {
	/** worst part between 5 and 60 °C, waiting and cooking together, hours */
	hazardH: { likely: number; worst: number };
	/** how much of that is there without waiting */
	withoutWaitH: number;
	/** coldest temperature at the end of keeping warm, °C */
	endC: number;
	advice: Advice;
	reasons: Reason[];
}

const mostMin = 24 * 60;
/** When the household has none of its own, as the conversion takes it. */
const usualSlowCooker = { volumeL: 5.7 };
/** A weak cooker: the unfavourable end for hours in the danger range. */
const unfavourable: Unknowns = { ...asLikely, power: 1, loss: 1, transfer: 1 };

/**
 * A pack that waits in the slow cooker switched off for `delayMin`, cooks for `setMin` and is kept warm for `warmMin`: its hours
 * between 5 and 60 °C, waiting included, against the table of best advice. Throws coded errors for broken input.
 */
export function delayedStart(input: {
	convert: ConvertInput;
	method: Extract<Method, { appliance: 'slow-cooker' }>;
	state: State;
	setMin: number;
	delayMin: number;
	warmMin: number;
	dangerH?: number;
}): DelayedStart {
	const delayMin = requireRange('delayMin', input.delayMin, 0, mostMin);
	const stages = {
		delayMin,
		setMin: requireRange('setMin', input.setMin, 0, 48 * 60),
		warmMin: requireRange('warmMin', input.warmMin, 0, mostMin)
	};
	const likely = through(input, asLikely, stages);
	const worst = through(input, unfavourable, stages);
	const hazardH = { likely: likely.hazardH, worst: Math.max(worst.hazardH, likely.hazardH) };
	const { convert, method, state, dangerH } = input;
	const withoutWaitH = through(input, asLikely, { ...stages, delayMin: 0 }).hazardH;
	const verdict = bestAdvice({
		method,
		state,
		content: convert.content,
		thicknessM: thicknessM(convert.block),
		massKg: convert.massKg,
		hazardH,
		waitingH: delayMin > 0 ? Math.max(1e-3, likely.hazardH - withoutWaitH) : 0,
		dangerH
	});
	return {
		hazardH,
		withoutWaitH,
		endC: likely.coldestC,
		...verdict
	};
}

function through(
	{ convert, method, state }: Parameters<typeof delayedStart>[0],
	unknowns: Unknowns,
	stages: { delayMin: number; setMin: number; warmMin: number }
) {
	const { pot, powerW } = startedCook(
		scenarioOf(convert, method, state),
		unknowns,
		efforts.likely,
		new TableCache()
	);
	if (!pot) throw new Error('a slow cooker has a pot');
	const { warmW } = slowCookerModel(convert.slowCooker ?? usualSlowCooker);
	let endMin = 0;
	for (const { minutes, watts } of [
		{ minutes: stages.delayMin, watts: 0 },
		{ minutes: stages.setMin, watts: powerW },
		{ minutes: stages.warmMin, watts: warmW }
	]) {
		endMin += minutes;
		while (pot.minute < endMin - 1e-9)
			pot.step(Math.min(efforts.likely.slowS, (endMin - pot.minute) * 60), { powerW: watts });
	}
	return { hazardH: Math.max(pot.hazardH, pot.poolHazardH), coldestC: pot.coldestC };
}
