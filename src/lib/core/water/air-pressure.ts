import { requireRange } from '../require-range.ts';

/** Standard atmosphere at an altitude, kPa (ISO 2533). From −500 to 9,000 m; throws outside. */
export function airPressureKPa(altitudeM: number): number {
	requireRange('altitudeM', altitudeM, -500, 9000);
	return 101.325 * (1 - 2.25577e-5 * altitudeM) ** 5.25588;
}
