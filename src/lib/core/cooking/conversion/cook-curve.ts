import { checkedMethod, checkedQuestion } from '../../appliances/checked-question.ts';
import { scenarioOf, type Method, type State } from '../../appliances/index.ts';
import { comeUp, hold, releaseAndRest } from '../../appliances/pressure-cooker/pressure-phases.ts';
import type { CookingState } from '../../appliances/run/cooking-state.ts';
import { efforts, TableCache } from '../../appliances/run/effort.ts';
import { stepTo } from '../../appliances/run/running-cook.ts';
import { asLikely } from '../../appliances/run/unknowns.ts';
import { requireRange } from '../../require-range.ts';
import type { ConvertInput } from './conversion.ts';
import { releaseOf, startedCook } from './timeline-of.ts';

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
 * at pressure), as likely. Null when it never comes to pressure. Throws coded errors for broken input.
 */
export function cookCurve(input: {
	convert: ConvertInput;
	method: Method;
	state: State;
	setMin: number;
}): CookCurve | null {
	const setMin = requireRange('setMin', input.setMin, 0, 48 * 60);
	checkedQuestion(input.convert);
	const { method } = input;
	checkedMethod(method);
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
	record(cook);
	if (cook.atPressure) {
		const { pot, targetC, powerW } = cook.atPressure;
		const common = { stepS: pressureS, onStep: () => record(pot) };
		if (comeUp(pot, { ...common, powerW, targetC }) === null) return null;
		hold(pot, { ...common, targetC, minutes: computedMin });
		releaseAndRest(pot, { ...common, stepS: releaseS, release: releaseOf(method) });
	} else stepTo(cook, computedMin, { stepS: slowS, onStep: () => record(cook) });
	record(cook, true);
	return { ...curve, minutes: curve.minutes.map((minute) => minute * slower) };
}
