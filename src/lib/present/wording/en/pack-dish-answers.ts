import type { Shown } from '../shown.ts';

export const packDishAnswers = {
	thisDishIsGone: 'This dish is gone. Choose another.',
	thisShelfIsGone: 'This shelf is gone. Choose another.',
	thicknessABlockOf: (a: Shown, b: Shown) =>
		`Thickness: a block of this size would weigh about ${a}, not ${b}. Measure again, or leave it empty.`,
	weightOfEachThis: (a: Shown) =>
		`Weight of each: this container takes at most about ${a}. Take a larger one, or make more packs.`
};
