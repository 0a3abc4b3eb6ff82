import type { Shown } from '../shown.ts';

export const labelContent = {
	nutrition: (kj: Shown, kcal: Shown, protein: Shown, fat: Shown, carbohydrate: Shown) =>
		`A serving about ${kj} kJ (${kcal} kcal), protein ${protein} g, fat ${fat} g, carbohydrate ${carbohydrate} g`,
	bestBy: (a: Shown) => `best by ${a}`,
	useFirst: 'use first',
	packOfPacked: (a: Shown, b: Shown, c: Shown) => `pack ${a} of ${b} · packed ${c}`,
	thick: (a: Shown, b: Shown, c: Shown, d: Shown, e: Shown) =>
		`${a} ${b} · ${c} · ${d} · ${e} thick`,
	fromFrozen: 'from frozen',
	onTheDay: (a: Shown) => `On the day: ${a}`,
	doneAtInThe: (a: Shown) =>
		`Done at ${a} in the middle: measure. Appliance manual and local advice win where stricter.`,
	slowCooker: (a: Shown) => `Slow cooker, ${a}`,
	pressureCooker: 'Pressure cooker',
	covered: ', covered'
};
