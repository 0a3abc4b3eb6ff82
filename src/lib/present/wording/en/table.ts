import type { Shown } from '../shown.ts';

export const table = {
	tableAlmacen: 'Table · Almacen',
	onTheTableBy: 'On the table by',
	look: 'Look',
	inOfCanMake: (a: Shown, b: Shown, c: Shown) => `, in ${a}. ${b} of ${c} can make it.`,
	nothingIsFrozenYet: 'Nothing is frozen yet. Packs with their cooking times appear here.',
	divideADishInto: 'Divide a dish into packs',
	packs: (a: Shown) => `${a} packs`,
	servings: (a: Shown, b: Shown, c: Shown, d: Shown) => `${a} ${b} · ${c} servings · ${d}`,
	notByThen: 'Not by then',
	seeWhy: (a: Shown) => `${a}: see why`,
	writeATimeOf: 'Write a time of day such as 18:30.'
};
