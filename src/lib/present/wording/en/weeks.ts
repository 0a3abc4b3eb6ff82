import * as many from '../count.ts';
import type { Shown } from '../shown.ts';

export const weeks = {
	pageTitle: 'Weeks · Almacen',
	title: 'Eating from the freezer',
	tonight: 'tonight',
	week: 'week',
	month: 'month',
	before: 'the week before',
	after: 'the week after',
	fill: 'Fill the week',
	filled: ({ from }: { from: Shown }) => `the week of ${from} is filled`,
	filledNone: 'No free evening, or nothing that feeds everybody, is left to plan.',
	filledSome: ({ n }: { n: number }) =>
		`${many.count(n, { one: 'evening', other: 'evenings' })} filled: what wants to be eaten first, a dish again only after some days.`,
	added: ({ what, day }: { what: Shown; day: Shown }) => `${what} on ${day}`,
	moved: ({ what, day }: { what: Shown; day: Shown }) => `${what} to ${day}`,
	dropped: ({ what }: { what: Shown }) => `${what} off`,
	wayChanged: ({ what }: { what: Shown }) => `${what} another way`,
	weekdays: ['Sun', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat'],
	today: 'today',
	mealLine: ({ servings, way, at }: { servings: Shown; way: Shown; at: Shown }) =>
		[servings, way, at].filter(Boolean).join(' · '),
	forEaters: ({ servings, eaters }: { servings: number; eaters: number }) =>
		servings === 0 || Math.round(servings) === eaters
			? `${eaters}`
			: `${eaters} of ${Math.round(servings)}`,
	startAt: ({ way, at }: { way: Shown; at: Shown }) => `${way} ${at}`,
	rough: 'computing for all its packs',
	noWay: 'no way makes it by then',
	eaten: 'eaten',
	gone: 'not in the freezer any more',
	pastBest: ({ days }: { days: number }) => `${many.days(days)} past its best`,
	leftovers: 'left over',
	pull: {
		refrigerator: ({ what, at, day }: { what: Shown; at: Shown; day: Shown }) =>
			`${at}: ${what} to the refrigerator, for ${day}`,
		'cold-water': ({ what, at, day }: { what: Shown; at: Shown; day: Shown }) =>
			`${at}: ${what} into cold water, for ${day}`
	},
	packingDay: 'packing day',
	empty: 'nothing yet',
	put: 'Put here',
	putWhat: ({ day }: { day: Shown }) => `What to eat on ${day}`,
	choose: 'choose',
	note: 'or a note',
	noteHint: 'out, guests, choir',
	hour: 'On the table by',
	badHour: 'On the table by: write a time such as 18:30.',
	nothingChosen: 'Choose a dish, or write a note.',
	noSuch: 'That is not in the freezer any more, or is planned already. Load the page again.',
	meal: ({ what, day }: { what: Shown; day: Shown }) =>
		`${what} on ${day}. Alt and the arrows move it by days.`,
	acts: ({ what }: { what: Shown }) => `What to do with ${what}`,
	moveTo: 'Move to',
	take: 'Take it off',
	move: 'Move',
	late: 'Another device changed this meal meanwhile. Load the page again.',
	wanting: 'Wanting to be eaten',
	wantingNone: 'Everything that wants to be eaten in four weeks is planned.',
	none: 'no date',
	ahead: 'Dates by week',
	aheadLine: ({ from, planned, unplanned }: { from: Shown; planned: number; unplanned: number }) =>
		`week of ${from}: ${planned} planned, ${unplanned} not`,
	aheadHow: 'Packs whose best-by falls in each week; filled: planned.',
	clashes: 'Clashes',
	noClashes: 'No appliance is wanted twice.',
	clash: ({ a, b, appliance }: { a: Shown; b: Shown; appliance: Shown }) =>
		`${a} and ${b} want the ${appliance} at the same time.`,
	wayOut: ({ what, way, at }: { what: Shown; way: Shown; at: Shown }) => `${what}: ${way}, ${at}`,
	noWayOut: 'Move one of them to another day.',
	who: 'Who eats',
	badWho: 'Who eats: write a number from 1 to 100.',
	set: 'Set',
	calendar: 'Calendar file',
	subscribe: 'Calendar address',
	subscribeHow:
		'A calendar that subscribes to this address shows pulls, starts and dates, with alarms, and follows what you change. Whoever has it can read it.',
	subscribeMake: 'Make an address',
	subscribeAgain: 'Make a new one; the old one ends',
	trip: 'Going away…',
	inFridge: 'In the refrigerator',
	stillGood: 'Is this still good?',
	eatBy: ({ day }: { day: Shown }) => `eat by ${day}`,
	eatNow: 'past its day: thrown away, not tasted',
	leftoverHow:
		'Once made hot again it is eaten; what is left then is thrown away. It may be frozen within its days, if it was cold within two hours.',
	ate: 'Eaten',
	threw: 'Thrown away',
	froze: 'Frozen',
	lunch: ({ n }: { n: number }) => many.servings(n)
};

export const mealCalendar = {
	name: 'Meals from the freezer',
	pull: {
		refrigerator: ({ what }: { what: Shown }) => `${what}: to the refrigerator`,
		'cold-water': ({ what }: { what: Shown }) => `${what}: into cold water`
	},
	pullFor: ({ day, at }: { day: Shown; at: Shown }) => `For ${day}, ${at}.`,
	start: ({ what, way }: { what: Shown; way: Shown }) => `${what}: ${way}`,
	startFor: ({ at, servings }: { at: Shown; servings: Shown }) =>
		`On the table by ${at}; ${servings}.`,
	bestBy: ({ what }: { what: Shown }) => `Best by today: ${what}`
};
