import * as many from '../count.ts';
import type { Shown } from '../shown.ts';

export const menuDay = {
	pageTitle: ({ day }: { day: Shown }) => `Packing day ${day} · Almacen`,
	title: ({ day }: { day: Shown }) => `Packing day ${day}`,
	days: 'Packing days',
	plan: 'Plan a packing day',
	onDay: 'Day',
	dayNeeded: 'Day: when do you cook and pack? A date, or today.',
	noneYet: 'No day is planned yet. Choose a date; then put dishes on it.',
	dishes: ({ n }: { n: number }) => many.dishes(n),
	addDish: 'Put a dish on it',
	choose: 'Dish',
	add: 'Put it on',
	chooseWhich: 'Dish: choose one of your dishes.',
	drop: ({ dish }: { dish: Shown }) => `Take ${dish} off this day`,
	removeDay: 'Give the day up',
	toShop: 'Shopping list',
	empty: 'Nothing is planned yet. Put on the first dish; packs, litres, hours and cost follow.',
	fewer: ({ dish }: { dish: Shown }) => `${dish}: once less`,
	more: ({ dish }: { dish: Shown }) => `${dish}: once more`,
	packs: 'packs',
	packsOf: ({ n }: { n: number }) => many.plural(n, { one: 'pack of', other: 'packs of' }),
	servingsEach: 'servings',
	piecesEach: ({ n, name }: { n: number; name: Shown }) => `= ${n} ${name} in each`,
	where: 'go',
	addPortion: 'Another kind of portion',
	dropPortion: 'Take this portion out',
	left: ({ n }: { n: number }) =>
		`${many.servings(n)} ${many.plural(n, { one: 'is', other: 'are' })} not placed yet`,
	over: ({ n }: { n: number }) =>
		`${many.servings(n)} more ${many.plural(n, { one: 'is', other: 'are' })} placed than there are`,
	allPlaced: 'every serving is placed',
	waits: ({ n }: { n: number }) =>
		many.plural(n, { one: 'one waits a day', other: `${n} wait a day` }),
	to: {
		freezer: 'freezer',
		refrigerator: 'refrigerator',
		tonight: 'tonight',
		given: 'given away'
	},
	fridgeDays: 'Refrigerator: cooked dishes keep three to four days there.',
	packsTotal: ({ packs, servings }: { packs: number; servings: number }) =>
		`${many.packs(packs)}, ${many.servings(servings)}`,
	tooFull: ({ free }: { free: Shown }) =>
		`only ${free} free: plan fewer, or eat from the freezer first`,
	load: ({ mass }: { mass: Shown }) => `the freezers take ${mass} a day`,
	overLoad: ({ mass }: { mass: Shown }) => `${mass} too much for one day`,
	hands: ({ time }: { time: Shown }) => `hands ${time}`,
	cooks: ({ time }: { time: Shown }) => `cooks ${time}`,
	made: 'made',
	whereTo: 'where the servings go',
	aServing: 'a serving',
	freezer: 'Freezer',
	ofFree: ({ free }: { free: Shown }) => `of ${free} free`,
	theDay: 'The day',
	notUnder: ({ time }: { time: Shown }) => `not under ${time}`,
	makeSheet: 'Make the run sheet',
	glance: { hands: 'hands', hob: 'hob', oven: 'oven', cool: 'cool' },
	money: 'Money',
	hours: ({ hands }: { hands: Shown }) => `about ${hands} of hands’ work`,
	longest: ({ dish, time }: { dish: Shown; time: Shown }) =>
		`the longest pot is ${dish}, ${time} by itself`,
	cost: ({ used, whole }: { used: Shown; whole: Shown }) =>
		`${used} used, ${whole} for whole packs`,
	budget: ({ cents }: { cents: Shown }) => `budget ${cents} a serving`,
	unpriced: ({ n }: { n: number }) =>
		`${many.things(n)} ${many.plural(n, { one: 'has', other: 'have' })} no price`,
	goesWell: 'Goes well with it',
	goesWellHow: 'Ranked by what they would save beside what is on the day.',
	nothingGoes: 'There is no other dish on the menu.',
	shares: ({ items }: { items: Shown }) => `shares ${items}`,
	usesUp: ({ mass, items }: { mass: Shown; items: Shown }) =>
		`uses up ${mass} of what packs leave over (${items})`,
	choppedOnce: ({ items }: { items: Shown }) => `chopped in one go: ${items}`,
	sameOven: ({ at }: { at: Shown }) => `the oven is at ${at} anyway`,
	sameProtein: ({ item }: { item: Shown }) => `${item} again`,
	otherProtein: ({ item }: { item: Shown }) => `${item} for a change`,
	enoughFrozen: ({ n }: { n: number }) =>
		`${many.servings(n)} of it ${many.plural(n, { one: 'is', other: 'are' })} frozen already`,
	changedElsewhere:
		'Meanwhile this dish was changed elsewhere; here it is as it is now. Change it again if you still want to.',
	notANumber: 'Portions: whole numbers of packs and servings, at least one.',
	why: {
		load: 'What freezers take in a day',
		loadRule:
			'No more than two to three pounds of unfrozen food per cubic foot of freezer in 24 hours; the stricter end is taken. More freezes slowly and warms what lies beside it.',
		volume: 'freezers together',
		room: 'Room in the freezers',
		roomRule:
			'Seven tenths of the freezers’ litres can be filled (judgement), less what is frozen already.',
		hours: 'Hands’ work',
		hoursRule:
			'Sum of the steps that need hands, as proposed from lines and methods or as corrected on the dish; chopping grows with each batch, stirring a pot hardly. Judgement.',
		cost: 'What it costs',
		costRule:
			'Whole packs: the cheapest set of packs of your price book that covers the need. Used: the share of them that goes into the dishes.'
	}
};
