import type { Shown } from '../shown.ts';

export const coolingPlate = {
	deep: (a: Shown, b: Shown, c: Shown, d: Shown) => `${a} · ${b} · ${c} deep · ${d}`,
	coolingCurveOf: (a: Shown, b: Shown) => `Cooling curve of ${a}: ${b}`,
	itTakesAboutOf: (a: Shown) => `It takes about ${a} of ice.`,
	notWithinADay: 'not within a day',
	howItCools: 'How it cools',
	theCurveIsConduction: (a: Shown) =>
		`${a} The curve is conduction through this footprint and depth, with the surroundings on its faces; the verdict counts with the unfavourable end: less heat taken off, a little thicker, a warmer place, no stirring inside.`,
	start: 'start',
	depthOfTheFood: 'depth of the food',
	amount: 'amount',
	place: 'place',
	kitchen: 'kitchen',
	refrigerator: 'refrigerator',
	lid: 'lid',
	stirred: 'stirred',
	passedAfter: (a: Shown) => `${a} passed after`,
	thenAtAfter: (a: Shown) => `then at ${a} after`,
	andAtAfter: (a: Shown) => `and at ${a} after`
};
