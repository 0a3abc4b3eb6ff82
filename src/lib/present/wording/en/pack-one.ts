import type { Shown } from '../shown.ts';

export const packOne = {
	printLabels: 'Print labels',
	ahead: 'Filled now?',
	aheadHow:
		'These labels were printed before their packs. Mark those that are filled; the day they are frozen may be later than you thought.',
	filled: 'Filled and in the freezer',
	weighed: 'Weighed',
	weighAgain: 'Write a weight such as 950 g, or leave it empty.',
	noneFilled: 'Tick at least one pack that is filled.',
	markFrozen: 'Mark them frozen',
	packedAlmacen: (a: Shown) => `${a}, packed · Almacen`,
	servingsEach: (a: Shown, b: Shown, c: Shown) => `${a} × ${b}, ${c} servings each`,
	packedBestBy: (a: Shown) => `Packed ${a} · best by`,
	ruledBy: (a: Shown, b: Shown) => `ruled by ${a}, ${b}`,
	frozenThroughInAbout: 'Frozen through in about',
	layItFlatWith: '; lay it flat with air around it.',
	thisFreezerIsNot: 'This freezer is not cold enough to freeze it through.',
	pack: 'pack',
	code: 'code',
	liesIn: 'lies in',
	ofWord: (a: Shown, b: Shown) => `${a} of ${b}`,
	labels: 'Labels',
	sheet: 'Sheet',
	cookCard: 'Cook card',
	freezingThrough: 'Freezing through',
	untilItsWarmestPoint: (a: Shown) =>
		`Until its warmest point is at ${a}, for one pack with air on every side. Stacked, or in a freezer that has just been loaded, two to three times longer.`,
	thickness: 'thickness',
	freezer: 'freezer'
};
