import type { Shown } from '../shown.ts';

export const menuOne = {
	almacen: (a: Shown) => `${a} · Almacen`,
	leaveAsItWas: 'Leave as it was',
	saveTheChanges: 'Save the changes',
	change: 'Change',
	takeItOffThe: 'Take it off the menu',
	servings: (a: Shown, b: Shown) => `${a} servings · ${b} ·`,
	whatFollowsFromIt: 'What follows from it',
	core: 'Core',
	contains: 'Contains:',
	readFromTheLines: 'Read from the lines; check the packets.',
	about: ', about',
	toFreeze: 'to freeze',
	itsRecipe: (a: Shown) => `Its recipe: ${a},`,
	noCookingInstructionTimes: 'No cooking instruction: times come from its kind.',
	onTheDay: (a: Shown) => `On the day: ${a}`,
	next: 'Next',
	coolIt: 'Cool it',
	packIt: 'Pack it',
	meatThatIsOnly:
		'Meat that is only browned may not be frozen: cook it through first, or leave it raw.',
	coreTemperature: 'Core temperature',
	theHighestOfWhat:
		'The highest of what is in it; a cooked dish counts as leftovers. Measure in the thickest part.',
	countsAs: 'counts as',
	noneOfTheNamed: 'none of the named allergens found',
	composition: 'Composition',
	theSumOfIts:
		'The sum of its frozen lines, by weight. It gives heat capacity, conductivity and freezing.',
	tooFewOfIts: 'Too few of its lines have a known weight, so a dish of this kind was assumed.',
	linesWithKnownWeight: 'lines with known weight',
	compositionFromItsLines: 'Composition from its lines',
	compositionOfAUsual: (a: Shown) => `Composition of a usual ${a}`
};
