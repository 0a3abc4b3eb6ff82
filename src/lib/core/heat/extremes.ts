import type { Body } from './body.ts';

/** Coldest and warmest cell of a piece, °C. */
export function extremesC(body: Body): { coldestC: number; warmestC: number } {
	let least = Infinity;
	let most = -Infinity;
	for (let c = 0; c < body.grid.cells; c++) {
		const h = body.enthalpy[c];
		if (h < least) least = h;
		if (h > most) most = h;
	}
	return { coldestC: body.tempAt(least), warmestC: body.tempAt(most) };
}
