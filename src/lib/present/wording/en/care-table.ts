import * as many from '../count.ts';
import type { Shown } from '../shown.ts';

/** A freezer's defrosting day. */
export const defrost = {
	pageTitle: 'Defrosting day · Almacen',
	heading: ({ name }: { name: Shown }) => `Defrosting ${name}`,
	none: 'This freezer is empty: switch it off and defrost it.',
	which: 'Freezer',
	room: 'The room',
	roomHint: 'cooler is better: do it on a cold day',
	blanket: 'Blankets, how thick together',
	start: 'How cold the packs are',
	startHint: 'fast-freeze the day before makes them colder',
	look: 'Look',
	hours: ({ from, to }: { from: Shown; to: Shown }) => `${from}–${to} h`,
	holds: ({ temp }: { temp: Shown }) => `so long the stack stays below ${temp}`,
	eat: 'Eat today',
	eatHow: 'Past its date, soon, or without one: cooked today, it need not wait.',
	other: ({ name }: { name: Shown }) => `Into ${name}`,
	otherHow: 'Ices first, then what is thin and soft soonest.',
	noOther: 'No other freezer has room: a neighbour’s, or a cool box for the thin ones.',
	stack: 'Stacked under blankets',
	stackHow:
		'One tight block on the floor, newspaper under it, blankets all round. Look at it once, at the short end.',
	nothing: 'nothing',
	print: 'Print the list',
	line: ({ n, mass }: { n: number; mass: Shown }) => `${many.packs(n)}, ${mass}`,
	careful:
		'Where ice crystals are left or it is colder than 5 °C (40 °F), it goes back; what was warmer is cooked at once or discarded.',
	whyTitle: 'How long a stack holds',
	why: 'The heat the packs take up until −12 °C, over what comes through blanket and still air on all sides of a block of them. The short end is two thirds.'
};

/** Whether something may still be eaten, by the rules. */
export const stillGood = {
	pageTitle: 'Still good? · Almacen',
	heading: 'Is this still good?',
	how: 'By where it was and for how long. Smell and look say nothing of most germs: do not taste it to find out.',
	kind: 'What it is',
	kinds: {
		leftovers: 'a cooked dish, leftovers',
		rice: 'cooked rice or grains',
		'raw-poultry-fish-mince': 'raw poultry, fish or mince, thawed',
		'raw-whole-cut': 'raw meat in the piece, thawed',
		'smoked-cured': 'bacon, opened'
	},
	place: 'Where it was',
	places: {
		refrigerator: 'in the refrigerator',
		counter: 'outside it',
		'hot-day': 'outside it, over 32 °C (90 °F)',
		freezer: 'in the freezer, frozen'
	},
	time: 'For how long',
	timeHint: 'days in the refrigerator or freezer, hours outside; empty: nobody knows',
	reheated: 'It was made hot once already and stood again',
	swollen: 'The pack is blown up, spurts or foams',
	look: 'Look',
	bad: 'For how long: write a number, such as 2.',
	outcomes: {
		good: 'Yes',
		'last-day': 'Today, and no longer',
		'quality-only': 'Safe; its quality goes',
		discard: 'No: throw it away'
	},
	reasons: {
		'within-days': ({ limit }: { limit: number }) =>
			`It keeps ${many.days(limit)} in the refrigerator.`,
		'last-day': ({ limit }: { limit: number }) =>
			`It keeps ${many.days(limit)} in the refrigerator, and this is the last. Heat it to 74 °C (165 °F) throughout.`,
		'past-days': ({ limit }: { limit: number }) =>
			`It keeps ${many.days(limit)} in the refrigerator. Some germs grow there too, and do not smell.`,
		'frozen-safe': () =>
			'At −18 °C (0 °F) food stays safe. Past its best it is drier and plainer: soups and stews hide that.',
		'out-within': ({ limit }: { limit: number }) =>
			`Up to ${many.hours(limit)} outside the refrigerator in all. Cook it, eat it or chill it now.`,
		'out-too-long': ({ limit }: { limit: number }) =>
			`More than ${many.hours(limit)} outside the refrigerator in all. Heating does not take away what germs leave behind.`,
		'reheated-before': () => 'It is made hot once. What stood again after that is not kept.',
		swollen: () => 'Gas comes from germs. Do not open or taste it.',
		'not-known': ({ limit }: { limit: number }) =>
			`Nobody knows how long; ${limit} is the most. When in doubt, it goes.`
	},
	careful:
		'Young children, pregnant and older people and those with weak immunity: stricter, not one day more.'
};
