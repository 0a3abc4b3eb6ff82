import type { Shown } from '../shown.ts';

export const freezer = {
	freezerAlmacen: 'Freezer · Almacen',
	theFreezerIsEmpty: 'The freezer is empty',
	servings: (a: Shown, b: Shown, c: Shown) => `${a} ${b}, ${c} servings`,
	packsAppearHereIn: 'Packs appear here in the order to eat them.',
	useFirstAtThe: 'Use first at the top.',
	pastBestStillSafe: (a: Shown, b: Shown, c: Shown) =>
		`${a} past ${b} best: still safe at ${c}, losing quality.`,
	shape: 'shape',
	pack: 'pack',
	bestBy: 'best by',
	liesIn: 'lies in',
	code: 'code',
	openAPackBy: 'Open a pack by its code',
	caseAndSpacesDo: 'case and spaces do not matter',
	open: 'Open',
	aboutOfArePacks: (a: Shown, b: Shown) => `About ${a} of ${b} are packs.`,
	noDateUseFirst: 'no date: use first',
	overdue: (a: Shown, b: Shown) => `overdue ${a} ${b}`,
	useToday: 'use today',
	weeksLeft: (a: Shown) => `${a} weeks left`,
	divideADishInto: 'Divide a dish into packs',
	nameYourFreezer: 'Name your freezer',
	notKnown: 'not known',
	empty: ', empty',
	packLine: (servings: Shown, mass: Shown, state: Shown, number: Shown, of: Shown) =>
		`${servings} servings · ${mass} · ${state} · ${number} of ${of}`
};
