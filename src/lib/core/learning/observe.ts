import type { ConvertInput } from '../cooking/conversion/conversion.ts';
import { cookCurve, type CookCurve } from '../cooking/conversion/cook-curve.ts';
import { reachedMin, valueAt } from '../appliances/run/timeline.ts';
import { solve } from '../kitchen/measured-appliances.ts';
import { applianceOf, type Method, type State } from '../appliances/index.ts';

/** A cook as it was written down: what lay in the appliance, minutes really taken, core temperature then. */
export interface MeasuredCook {
	convert: ConvertInput;
	method: Method;
	state: State;
	setMin: number;
	coreC: number;
}

/** Looked for up to so many times the minutes it took. */
const furthest = 2.5;
/** A middle that warms slower than this says nothing of time, K/min. */
const leastKPerMin = 0.04;
const halvings = 10;

/** Without what was learned: observations are made against what is computed for the kind. */
export function unlearned(convert: ConvertInput): ConvertInput {
	const { paces: _paces, learned: _learned, ...bare } = convert;
	return bare;
}

/** Minute at which the middle was that warm, between the points that were recorded; null when it never was, or hardly warmed any more. */
function minuteAt({ minutes, coldestC }: CookCurve, coreC: number): number | null {
	const minute = reachedMin(minutes, coldestC, coreC);
	if (minute === null || minute <= minutes[0]) return null;
	const beforeC = valueAt({ setMin: minutes }, coldestC, minute - 1);
	return coreC - beforeC >= leastKPerMin ? minute : null;
}

/**
 * Minutes after which the core would have been as it was found, as computed for an appliance of its kind; null when the core says
 * nothing of the time: never that warm, hardly warming, or a microwave, of which only the heat is known. Under pressure it is the hold
 * that ends in that core after the rest. Throws coded errors for broken input.
 */
export function forecastMinOf(cook: MeasuredCook): number | null {
	const { method, state, setMin, coreC } = cook;
	const convert = unlearned(cook.convert);
	const within = Math.max(10, setMin * furthest);
	const { cooksOn, leastHoldMin } = applianceOf(method);
	// what only makes hot says nothing of time
	if (!cooksOn) return null;
	if (leastHoldMin === undefined) {
		const curve = cookCurve({ convert, method, state, setMin: within });
		return curve && minuteAt(curve, coreC);
	}
	const endC = (holdMin: number) =>
		cookCurve({ convert, method, state, setMin: holdMin })?.coldestC.at(-1) ?? -Infinity;
	const holdMin = solve(endC, coreC, 0, within, halvings);
	return holdMin !== null && holdMin > 0.5 ? holdMin : null;
}

/** The appliance as it was reckoned with: forecasts with another one cannot be compared. */
export const applianceKey = (
	convert: Pick<ConvertInput, 'slowCooker' | 'pressureCooker' | 'oven' | 'burnerHighW'>,
	method: Method
): string => JSON.stringify(applianceOf(method).rests(convert));
