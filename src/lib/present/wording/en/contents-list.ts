import type { Shown } from '../shown.ts';

export const contentsList = {
	under: (packs: Shown, servings: Shown, day: Shown) =>
		`${packs} packs, ${servings} servings on ${day}. Use first at the top; tick off what you take.`,
	tick: 'Taken',
	pack: 'Pack',
	amount: 'Amount',
	bestBy: 'Best by',
	liesIn: 'Lies in',
	code: 'Code',
	servings: (n: Shown, mass: Shown) => `${n} servings, ${mass}`
};
