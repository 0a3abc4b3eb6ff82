import type { Shown } from '../shown.ts';

export const packDishAnswers = {
	thawedBefore:
		'Thawed outside the refrigerator it may not be frozen again raw. Cook it through first, then freeze it as a cooked dish.',
	partCooked: (sentence: Shown) =>
		`Its method only browns the meat to finish it another day (“${sentence}”). Cook it through before freezing, or leave it raw; change the dish’s method, then pack.`,
	thisDishIsGone: 'This dish is gone. Choose another.',
	thisShelfIsGone: 'This shelf is gone. Choose another.',
	thicknessABlockOf: (a: Shown, b: Shown) =>
		`Thickness: a block of this size would weigh about ${a}, not ${b}. Measure again, or leave it empty.`,
	weightOfEachThis: (a: Shown) =>
		`Weight of each: this container takes at most about ${a}. Take a larger one, or make more packs.`
};
