import type { Shown } from '../shown.ts';

export const labelContent = {
	useFirst: 'use first',
	packed: (day: Shown) => `packed ${day}`,
	about: (day: Shown) => `about ${day}`,
	contents: (state: Shown, servings: Shown, word: Shown, mass: Shown, number: Shown, of: Shown) =>
		`${state} · ${servings} ${word} · ${mass} · ${number} of ${of}`,
	thick: (thickness: Shown) => `${thickness} thick`,
	fromFrozen: 'from frozen',
	onTheDay: (a: Shown) => `On the day: ${a}`,
	serveWith: (a: Shown) => `Serve with ${a}`,
	contains: (a: Shown) => `Contains ${a}`,
	doneAtInThe: (a: Shown) =>
		`Done at ${a} in the middle: measure. Thaw in the refrigerator. Local rules win where stricter.`,
	slowCooker: (a: Shown) => `Slow cooker ${a}`,
	pressureCooker: 'Pressure cooker',
	covered: ', covered',
	bestBy: (a: Shown) => `best by ${a}`,
	nutrition: (a: Shown, b: Shown, c: Shown, d: Shown, e: Shown) =>
		`A serving: about ${a} kJ (${b} kcal), protein ${c} g, fat ${d} g, carbohydrate ${e} g`,
	testName: (n: Shown) => `Test ${n}`,
	testOffset: (x: Shown, y: Shown) => `right ${x} mm, down ${y} mm`,
	byHand: '__________',
	longByHand: '________________',
	blankContents: 'raw / cooked · ____ servings · ________'
};
