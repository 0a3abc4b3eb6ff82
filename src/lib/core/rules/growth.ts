/**
 * Growth in the worst cell, beside the hours. Source: square-root model (Ratkowsky and others 1983), √µ = b (T − Tmin)(1 − exp(c (T − Tmax))),
 * with parameters from memory that give the published doubling times: C. perfringens in cooked meat some 10 min at 43 to 45 °C, none
 * below 11 °C (USDA FSIS, Appendix B, and the cooling models behind it); B. cereus in rice some 20 min at 35 °C, none below 7 °C.
 */
export interface GrowthModel {
	readonly b: number;
	readonly c: number;
	readonly leastC: number;
	readonly mostC: number;
	/** spores germinate and cells adapt first: so much growth is not seen, natural logarithms */
	readonly lagLn: number;
}

export const perfringens: GrowthModel = { b: 0.061, c: 0.5, leastC: 11, mostC: 51.5, lagLn: 3 };
export const cereus: GrowthModel = { b: 0.053, c: 0.35, leastC: 7, mostC: 49, lagLn: 2.5 };

/** No more than one log of growth while food cools (USDA FSIS, Appendix B, from memory). */
export const mostGrowthLog = 1;

/** Growth at a temperature, natural logarithms an hour. */
export function growthPerH(model: GrowthModel, tempC: number): number {
	const { b, c, leastC, mostC } = model;
	if (!(tempC > leastC) || tempC >= mostC) return 0;
	return (b * (tempC - leastC) * (1 - Math.exp(c * (tempC - mostC)))) ** 2;
}

/** Hot enough to end what had begun to grow, °C: vegetative cells die, spores begin anew. */
const startsAnewC = 60;

/** Growth along a course of temperature, logarithms to base 10, from the last time it was hot; steps short enough for its curve. */
export function growthLogOf(
	minutes: ArrayLike<number>,
	tempC: ArrayLike<number>,
	model: GrowthModel = perfringens
): number {
	let ln = 0;
	let most = 0;
	for (let i = 1; i < minutes.length; i++) {
		const spanH = (minutes[i] - minutes[i - 1]) / 60;
		const steps = Math.max(1, Math.ceil(spanH * 30));
		for (let n = 0; n < steps; n++) {
			const share = (n + 0.5) / steps;
			const at = tempC[i - 1] + (tempC[i] - tempC[i - 1]) * share;
			ln = at >= startsAnewC ? 0 : ln + (growthPerH(model, at) * spanH) / steps;
		}
		most = Math.max(most, ln);
	}
	return Math.max(0, most - model.lagLn) / Math.LN10;
}
