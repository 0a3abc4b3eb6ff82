import { CoreError } from '../errors.ts';
import { requireRange } from '../require-range.ts';

/**
 * ∫10^((T − refC)/zK) dt over straight lines between the points, minutes. Exact on each straight piece.
 * Cook value with z 33 K at 100 °C (Mansfield 1962); lethality with z 7.5 K at 70 °C.
 */
export function cookValueMin(
	minutes: ArrayLike<number>,
	tempC: ArrayLike<number>,
	zK: number,
	refC = 100
): number {
	requireRange('zK', zK, 0.1, 1000);
	if (minutes.length !== tempC.length)
		throw new CoreError('not-a-number', { minutes: minutes.length, tempC: tempC.length });
	let sum = 0;
	for (let i = 1; i < minutes.length; i++) {
		const durationMin = minutes[i] - minutes[i - 1];
		const from = ratePerMin(tempC[i - 1], zK, refC);
		const rise = ((tempC[i] - tempC[i - 1]) * Math.LN10) / zK;
		sum += durationMin * from * (Math.abs(rise) < 1e-9 ? 1 + rise / 2 : Math.expm1(rise) / rise);
	}
	return sum;
}

/** 10^((T − ref)/z): how many reference minutes one minute at this temperature is worth. */
export function ratePerMin(tempC: number, zK: number, refC: number): number {
	return 10 ** ((tempC - refC) / zK);
}
