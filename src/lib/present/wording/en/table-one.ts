import type { Shown } from '../shown.ts';

export const tableOne = {
	cookAlmacen: (a: Shown) => `Cook ${a} · Almacen`,
	markItCooked: 'Mark it cooked',
	onTheTableBy: 'On the table by',
	look: 'Look',
	doneAt: 'Done at',
	inTheMiddle: 'in the middle',
	waterBoilsAtHere: (a: Shown) => `water boils at ${a} here`,
	youngChildrenPregnantAnd: (a: Shown) =>
		`${a} Young children, pregnant and older people and those with weak immunity need more care: measure the core every time.`,
	writeATimeSuch: 'Write a time such as 18:30.',
	packLine: (mass: Shown, servings: Shown, thickness: Shown, packedOn: Shown, code: Shown) =>
		`${mass} · ${servings} servings · ${thickness} thick · packed ${packedOn} · ${code}`
};
