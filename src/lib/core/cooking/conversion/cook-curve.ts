import { requireRange } from '../../require-range.ts';
import { scenarioOf } from './reference-scenario.ts';
import type { ConvertInput } from './conversion.ts';
import type { CookingState } from '../appliances/cooking-state.ts';
import type { Method, State } from '../method.ts';
import { comeUp, hold, releaseAndRest } from '../pressure/pressure-phases.ts';
import { efforts, startedCook, TableCache } from './scenario.ts';
import { asLikely } from './unknowns.ts';

export interface CookCurve {
	/** minutes after switching on; under pressure to the end of the rest */
	minutes: number[];
	coldestC: number[];
	warmestC: number[];
}

const recordEveryMin = 1;
const { slowS, pressureS, releaseS } = efforts.likely;

/**
 * Coldest and warmest temperature of a pack while it cooks one way for `setMin` (minutes in the slow cooker or oven, minutes
 * at pressure), as likely. Null when it never comes to pressure, and for a microwave, of which only the heat it takes is known. Throws coded errors for broken input.
 */
export function cookCurve(input: {
	convert: ConvertInput;
	method: Method;
	state: State;
	setMin: number;
}): CookCurve | null {
	const setMin = requireRange('setMin', input.setMin, 0, 48 * 60);
	const { method } = input;
	if (method.appliance === 'microwave') return null;
	// the household's own appliance runs through the same in so many times the minutes
	const slower = input.convert.paces?.[method.appliance]?.factor ?? 1;
	const computedMin = setMin / slower;
	const scenario = scenarioOf(input.convert, method, input.state);
	const cook = startedCook(scenario, asLikely, efforts.likely, new TableCache());
	const curve: CookCurve = { minutes: [], coldestC: [], warmestC: [] };
	const record = (state: CookingState, force = false) => {
		const last = curve.minutes.at(-1) ?? -Infinity;
		if (state.minute <= last || (!force && state.minute - last < recordEveryMin)) return;
		curve.minutes.push(state.minute);
		curve.coldestC.push(state.coldestC);
		curve.warmestC.push(state.warmestC);
	};
	const state: CookingState = cook.pan ?? cook.pot;
	record(state);
	if (method.appliance === 'pressure-cooker' && cook.pot && cook.targetC !== undefined) {
		const { pot, targetC, powerW } = cook;
		const common = { stepS: pressureS, onStep: () => record(pot) };
		if (comeUp(pot, { ...common, powerW, targetC }) === null) return null;
		hold(pot, { ...common, targetC, minutes: computedMin });
		releaseAndRest(pot, { ...common, stepS: releaseS, release: method.release ?? 'natural' });
	} else
		while (state.minute < computedMin - 1e-9) {
			const dtS = Math.min(slowS, (computedMin - state.minute) * 60);
			if (cook.pan) cook.pan.step(dtS);
			else cook.pot.step(dtS, { powerW: cook.powerW });
			record(state);
		}
	record(state, true);
	return { ...curve, minutes: curve.minutes.map((minute) => minute * slower) };
}
