import type { Shown } from '../shown.ts';

export const pack = {
	packAlmacen: 'Pack · Almacen',
	divideIntoPacks: 'Divide into packs',
	writeTheDishFirst: 'Write the dish first, then divide it.',
	writeADish: 'Write a dish',
	whereDoThePacks:
		'Where do the packs go? Name your freezer and its shelves first; it takes half a minute.',
	toTheHousehold: 'To the household',
	foodThatMissedIt: (a: Shown) =>
		`Food that missed it is not packed: reheat it to ${a} once and cool it again if that was seen in time, otherwise discard it.`,
	thisRunDoesNot: 'This run does not pass the cooling rule as measured and forecast.',
	packedWarmItSteams: (a: Shown) =>
		`Packed warm it steams, frosts and thaws what is beside it. Wait until it is at ${a}.`,
	stillWarmInThe: 'Still warm in the middle.',
	dish: 'Dish',
	packs: 'Packs',
	servingsInEach: 'Servings in each',
	container: 'Container',
	netWeightOfEach: 'Net weight of each',
	theBlockIfIt: 'The block, if it differs from what is computed',
	length: 'Length',
	width: 'Width',
	thickness: 'Thickness',
	packedOn: 'Packed on',
	todayYesterdayOrA: 'today, yesterday, or a day',
	bestByIfYou: 'Best by, if you know better',
	emptyComputed: 'empty: computed',
	goesTo: 'Goes to',
	whatItWillBe: 'What it will be',
	packsOf: (a: Shown, b: Shown, c: Shown, d: Shown) => `${a} packs of ${b}, ${c} × ${d},`,
	thick: (a: Shown) => `${a} thick`,
	inAllThicknessRules: (a: Shown) => `${a} in all. Thickness rules freezing, thawing and cooking.`,
	tooMuchForThis: 'Too much for this container: take a larger one, or make more packs.',
	chooseADishAnd: 'Choose a dish and put one pack on the scale.',
	bestBy: 'Best by',
	ruledBy: (a: Shown, b: Shown) => `ruled by ${a}, ${b}`,
	noPublishedFigureFor:
		'No published figure for what is in it: set a house rule in the household, or write a day.',
	cookingTimesForEvery: 'Cooking times for every appliance, thawed and frozen: a few seconds.',
	notPackedYetSee: 'Not packed yet: see the marked fields.',
	packedLately: 'Packed lately',
	theRecipesLinesWeigh: (a: Shown, b: Shown) => `${a}; the recipe’s lines weigh about ${b}`,
	computingTheCookCard: 'Computing the cook card…',
	packThem: 'Pack them'
};
