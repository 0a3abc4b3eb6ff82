import { requireRange } from '../require-range.ts';

/** Coefficients of IAPWS-IF97 region 4, equations 29 to 31. */
const n = [
	0.11670521452767e4, -0.72421316703206e6, -0.17073846940092e2, 0.1202082470247e5,
	-0.32325550322333e7, 0.1491510861353e2, -0.48232657361591e4, 0.40511340542057e6,
	-0.23855557567849, 0.65017534844798e3
] as const;

/** Temperature at which water boils under an absolute pressure, °C (IAPWS-IF97, region 4). 0.7 to 10,000 kPa. */
export function boilingC(absoluteKPa: number): number {
	requireRange('absoluteKPa', absoluteKPa, 0.7, 10_000);
	const beta = (absoluteKPa / 1000) ** 0.25;
	const e = beta * beta + n[2] * beta + n[5];
	const f = n[0] * beta * beta + n[3] * beta + n[6];
	const g = n[1] * beta * beta + n[4] * beta + n[7];
	const d = (2 * g) / (-f - Math.sqrt(f * f - 4 * e * g));
	return (n[9] + d - Math.sqrt((n[9] + d) ** 2 - 4 * (n[8] + n[9] * d))) / 2 - 273.15;
}

/** Saturation pressure of water, kPa absolute (IAPWS-IF97, region 4). 0 to 300 °C. */
export function saturationKPa(tempC: number): number {
	const t = requireRange('tempC', tempC, 0, 300) + 273.15;
	const theta = t + n[8] / (t - n[9]);
	const a = theta * theta + n[0] * theta + n[1];
	const b = n[2] * theta * theta + n[3] * theta + n[4];
	const c = n[5] * theta * theta + n[6] * theta + n[7];
	return 1000 * ((2 * c) / (-b + Math.sqrt(b * b - 4 * a * c))) ** 4;
}
