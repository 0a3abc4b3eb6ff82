import type { Shown } from '../shown.ts';

export const freezerOne = {
	almacen: (a: Shown, b: Shown) => `${a} · ${b} · Almacen`,
	servings: (a: Shown, b: Shown) => `${a} servings · ${b}`,
	packOfThick: (a: Shown, b: Shown, c: Shown, d: Shown) => `pack ${a} of ${b} · ${c} · ${d} thick`,
	packedBestBy: (a: Shown) => `Packed ${a} · best by`,
	liesIn: (a: Shown, b: Shown) => `Lies in ${a}, ${b}.`,
	contains: (a: Shown) => `Contains ${a}.`,
	onTheDay: (a: Shown) => `On the day: ${a}`,
	doneAtInThe: (a: Shown, b: Shown) => `Done at ${a} in the middle (${b}).`,
	next: 'Next',
	cookItCardAnd: 'Cook it: card and times',
	markItCooked: 'Mark it cooked',
	itsLabels: 'Its labels',
	thawingInTheRefrigerator: (a: Shown) => `Thawing in the refrigerator at ${a}:`,
	bendsInAboutFree: (a: Shown) => `bends in about ${a}, free of ice in about`,
	itDoesNotThaw: 'it does not thaw through there.',
	thawing: 'Thawing',
	untilNoIceIs:
		'Until no ice is left at its coldest point, for one pack with air on every side; it bends when 70 % of the heat is in. Allow half as much again. On a tray, lowest shelf, when it is raw.',
	thickness: 'thickness',
	refrigerator: 'refrigerator'
};
