import { requireRange } from '../../require-range.ts';
import type { ConvertInput, Spread } from './conversion.ts';
import { cookCurve } from './cook-curve.ts';
import { isAtPressure, type Method, type State } from '../../appliances/index.ts';

/** How much slower or faster than forecast a single reading may make a cook (judgement: a probe can lie off the middle). */
const widest = { from: 0.5, to: 2 } as const;
/** A lid that goes back on is on for at least so long, minutes. */
const leastMoreMin = 3;

/**
 * What a reading in the middle says of a cook: minutes from the reading until it is ready. The forecast's own curve tells when it should
 * have been that warm; the rest is stretched as what was is. Under pressure it is read when the lid is off: then it is the minutes at
 * pressure to go on for. Throws coded errors for broken input.
 */
export function afterReading(input: {
	convert: ConvertInput;
	method: Method;
	state: State;
	/** minutes set as forecast */
	setMin: Spread;
	/** minutes since the food went in */
	elapsedMin: number;
	tempC: number;
}): { moreMin: number } {
	const { convert, method, state } = input;
	const elapsedMin = requireRange('elapsedMin', input.elapsedMin, 0, 48 * 60);
	const tempC = requireRange('tempC', input.tempC, -40, 110);
	const curve = cookCurve({ convert, method, state, setMin: input.setMin.to * 1.5 });
	if (!curve) return { moreMin: tempC >= convert.coreC ? 0 : leastMoreMin };
	const when = (core: number) => {
		const at = curve.coldestC.findIndex((c) => c >= core);
		return at < 0 ? curve.minutes[curve.minutes.length - 1] : curve.minutes[at];
	};
	// hot enough, it is the clock that tells how tender
	if (tempC >= convert.coreC)
		return {
			moreMin: isAtPressure(method) ? 0 : Math.max(0, input.setMin.likely - elapsedMin)
		};
	const should = Math.max(1, when(tempC));
	const pace = Math.min(widest.to, Math.max(widest.from, elapsedMin / should));
	const whole = isAtPressure(method)
		? when(convert.coreC)
		: Math.max(input.setMin.likely, when(convert.coreC));
	return { moreMin: Math.max(leastMoreMin, (whole - should) * pace) };
}
