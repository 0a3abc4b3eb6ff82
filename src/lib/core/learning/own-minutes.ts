import { isAtPressure } from '../appliances/index.ts';
import { cookCurve } from '../cooking/conversion/cook-curve.ts';
import { valueAt } from '../appliances/run/timeline.ts';
import { unlearned, type MeasuredCook } from './observe.ts';

/** At the end the middle is this much above what is safe: a probe is never quite in the coldest place, K (judgement). */
const marginK = 3;
/** One step takes no more than this of the time off, or adds it: the next cook says whether that was enough (judgement). */
const mostStep01 = 1 / 3;
/** A core measured further from the computed one than this is taken for a slip, K. */
const believableK = 15;

/** How a dish came out that wants another time. */
export interface OwnMinutesAsked extends Omit<MeasuredCook, 'coreC'> {
	outcome: 'under' | 'over';
	/** mean of the cores measured; null: none was */
	coreC: number | null;
}

/** What the middle ends at after so many minutes, up to a longest: read off one course, but under pressure, where every hold has its own end. */
function coreAfter(
	asked: Omit<MeasuredCook, 'coreC' | 'setMin'>,
	longestMin: number
): (setMin: number) => number | null {
	if (isAtPressure(asked.method))
		return (setMin) => cookCurve({ ...asked, setMin })?.coldestC.at(-1) ?? null;
	const curve = cookCurve({ ...asked, setMin: longestMin });
	return (setMin) => curve && valueAt({ setMin: curve.minutes }, curve.coldestC, setMin);
}

/**
 * By how many whole minutes a dish that came out dry (or not done) is cooked shorter (or longer) next time, so that its middle ends a few
 * kelvin above what is safe: along the computed course of the middle, moved by as much as the measured cores differ from it. Null when
 * nothing can be taken off. Throws coded errors for broken input.
 */
export function ownMinutes(asked: OwnMinutesAsked): number | null {
	const { method, state, setMin, outcome } = asked;
	const most = Math.max(1, Math.floor(setMin * mostStep01));
	const convert = unlearned(asked.convert);
	const endC = coreAfter({ convert, method, state }, setMin + most);
	const computedC = endC(setMin);
	if (computedC === null) return outcome === 'under' ? Math.max(1, Math.round(setMin * 0.1)) : null;
	const offK =
		asked.coreC === null
			? 0
			: Math.min(believableK, Math.max(-believableK, asked.coreC - computedC));
	const wantC = convert.coreC + marginK;
	const step = outcome === 'over' ? -1 : 1;
	let by = 0;
	for (let n = 1; n <= most; n++) {
		const there = endC(setMin + step * n);
		if (there === null || setMin + step * n <= 0) break;
		const safe = there + offK >= wantC;
		if (step < 0 && !safe) break;
		by = n;
		if (step > 0 && safe && n >= Math.round(setMin * 0.1)) break;
	}
	return by === 0 ? null : step * by;
}
