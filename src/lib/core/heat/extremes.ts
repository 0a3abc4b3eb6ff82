import type { Body } from './body.ts';
import { rangeOf } from './range-of.ts';

/** Coldest and warmest cell of a piece, °C. */
export function extremesC(body: Body): { coldestC: number; warmestC: number } {
	const { least, most } = rangeOf(body.enthalpy);
	return { coldestC: body.tempAt(least), warmestC: body.tempAt(most) };
}
