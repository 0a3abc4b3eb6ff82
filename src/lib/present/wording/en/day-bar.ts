import * as many from '../count.ts';
import type { Shown } from '../shown.ts';

export const dayBar = {
	title: ({ day }: { day: Shown }) => `Packing day ${day}`,
	which: 'Which packing day',
	stops: {
		plan: 'Plan',
		shop: 'Shop',
		prep: 'Prep',
		cook: 'Cook',
		cool: 'Cool',
		pack: 'Pack',
		after: 'After'
	},
	dishes: ({ n }: { n: number }) => many.dishes(n),
	bought: ({ n }: { n: Shown }) => `${n} got`,
	notPlanned: 'not planned yet',
	left: ({ left, of }: { left: number; of: number }) =>
		left === 0 ? 'all done' : `${left} of ${of} left`,
	cooling: ({ n }: { n: Shown }) => `${n} cooling`,
	packs: ({ left, of }: { left: number; of: number }) =>
		of === 0 ? '' : left === 0 ? 'all packed' : `${left} of ${of} to pack`,
	ended: 'ended'
};

export const packDay = {
	pageTitle: ({ day }: { day: Shown }) => `Pack ${day} · Almacen`,
	heading: 'Pack the day',
	how: 'Every portion as it was planned. Correct what turned out otherwise, leave out what is not ready, and pack all of it at once.',
	waits: ({ day, left, of }: { day: Shown; left: Shown; of: number }) =>
		`Packing day ${day}: ${left} of ${many.packs(of)} planned are still to be made.`,
	nothing: 'Everything that was planned is packed.',
	noPlan: 'No portion of this day goes into a pack. Say on the plan where portions go.',
	pack: 'pack it',
	inAll: ({ kg, packs }: { kg: Shown; packs: number }) => `${many.packs(packs)}, ${kg}`,
	allDishes: 'All dishes of the day',
	dish: 'Dish',
	count: 'Packs',
	servingsEach: ({ n }: { n: number }) => `${many.servings(n)} each`,
	mass: 'Weight of each',
	container: 'In',
	shelf: 'Lies in',
	goesIn: 'Goes in',
	today: 'today',
	onDay: ({ day }: { day: number }) => `in ${many.days(day)}`,
	tomorrow: 'tomorrow',
	given: 'to give away',
	days: ({ kg, perDay, days }: { kg: Shown; perDay: Shown; days: number }) =>
		days <= 1
			? `${kg} in all; the freezers take ${perDay} today.`
			: `${kg} in all; the freezers take ${perDay} a day, so it takes ${many.days(days)}. What waits stays in the refrigerator.`,
	doIt: 'Pack all that is ticked',
	doing: 'Packing …',
	done: ({ n }: { n: number }) => `${many.packs(n)} made.`,
	labels: 'Print all their labels',
	noneTicked: 'Tick what is to be packed.',
	kept: 'What could not be packed stays here with its reason.'
};

export const after = {
	pageTitle: ({ day }: { day: Shown }) => `After ${day} · Almacen`,
	heading: 'How the day went',
	notRun: 'Nothing of this day was noted on the run sheet.',
	planned: 'Planned',
	actual: 'Took',
	step: 'Step',
	whole: ({ planned, actual }: { planned: Shown; actual: Shown }) =>
		`Planned ${planned}, took ${actual}.`,
	next: 'Next time',
	several: 'For several dishes',
	learned:
		'Next time is the mean of what was noted on the last twelve days and one estimate as it stands, so that one odd day does not turn everything over.',
	counts: 'This time counts for the next days',
	countsNot: 'This time does not count',
	leftOver: 'What is left over',
	leftOverHow: 'Of whole packs bought, by the plan:',
	noneLeft: 'Nothing of what was bought is left by the plan.',
	portionsTo: {
		tonight: 'tonight',
		refrigerator: 'refrigerator',
		freezer: 'freezer',
		given: 'given away'
	},
	whereTo: 'Where the portions went',
	packsLine: ({ made, of }: { made: Shown; of: Shown }) =>
		`${made} of ${of} planned packs were made.`,
	portionLine: ({ packs, servings, to }: { packs: Shown; servings: Shown; to: Shown }) =>
		`${packs} × ${servings} ${to}`,
	notPacked: ({ n }: { n: number }) =>
		`${many.plural(n, { one: 'one pack was', other: `${n} packs were` })} not made`,
	packNow: 'Pack them now',
	whichStep: 'Say which step it is about: open the page again and tap once more.',
	cost: 'Cost',
	costLine: ({ planned, paid, of }: { planned: Shown; paid: Shown; of: number }) =>
		`By the price book ${planned}; paid ${paid} by ${many.plural(of, { one: 'the one receipt noted', other: `the ${of} receipts noted` })}.`,
	noReceipts: ({ planned }: { planned: Shown }) =>
		`By the price book ${planned}. No receipt was noted on the shopping list.`,
	notesHow: 'A note for next time is written on the dish.',
	skipped: 'left out'
};

export const plates = {
	title: 'Plates and trays from several dishes',
	how: 'Rice, meat in sauce and a vegetable on one plate are one pack: how long it keeps, its core, allergens, energy and times come from all of it. Say what lies on each; empty is none of it.',
	onEach: ({ dish }: { dish: Shown }) => `${dish}, on each`,
	extras: 'Put on as it is, for one plate (optional)',
	extrasHint: '80 g frozen peas: a line each; it may go on still frozen',
	count: 'How many',
	make: 'Make the plates',
	making: 'Making them …',
	name: ({ parts }: { parts: Shown }) => `Plate: ${parts}`,
	two: 'A plate has parts of at least two: say how much of each lies on it.',
	raw: ({ dish }: { dish: Shown }) =>
		`${dish} is raw: only what is cooked goes on a plate, because a plate is only made hot again.`,
	weigh: ({ line }: { line: Shown }) => `“${line}”: write how much it is, 80 g frozen peas.`,
	mass: ({ dish }: { dish: Shown }) => `${dish}: write a weight, 150 g.`,
	count40: 'How many: a whole number from 1 to 40.'
};
