import { count as counted } from '../count.ts';
import type { Shown } from '../shown.ts';

/** So many of something, with its plural. */
const count = (n: number, one: string, many = `${one}s`) => counted(n, { one, other: many });

/** Learn: what the household's own records say, and what to do about it. */
export const learn = {
	pageTitle: 'Learn · Almacen',
	spans: { month: 'month', quarter: '3 months', year: 'year', all: 'all of it' },
	title: {
		month: 'What the last month taught',
		quarter: 'What the last three months taught',
		year: 'What the last year taught',
		all: 'What all of it taught'
	},
	facts: ({ days, made, eaten }: { days: number; made: number; eaten: number }) =>
		`${count(days, 'packing day')} · ${count(made, 'pack')} made · ${eaten} eaten`,
	empty: 'Nothing to learn from yet',
	emptyHint:
		'Pack a day, eat from it, and say in two taps how it was: what follows from that stands here. Nothing leaves this machine.',
	aServing: 'a serving',
	budget: ({ price }: { price: Shown }) => `budget ${price}`,
	noBudget: 'no budget set',
	priced: ({ n, of }: { n: number; of: number }) => `${n} of ${count(of, 'pack')} priced`,
	noPrice: 'no pack with a price yet: the price book is in Shop',
	handsAPack: 'of hands a pack',
	handsFrom: ({ days, packs }: { days: number; packs: number }) =>
		`${count(days, 'packing day')}, ${count(packs, 'pack')}`,
	handsLess: ({ time }: { time: Shown }) => `${time} less than before`,
	handsMore: ({ time }: { time: Shown }) => `${time} more than before`,
	noHands: 'no packing day was followed on its run sheet',
	thrown: 'thrown away',
	thrownNone: 'nothing of what was eaten or thrown away',
	thrownWhy: ({ n, why }: { n: number; why: Shown }) => `${count(n, 'pack')}: ${why}`,
	noReason: 'no reason given',
	waits: 'a pack waits',
	bestBy: ({ days }: { days: number }) => `best by ${count(days, 'day')}`,
	noWaits: 'nothing was eaten in that time',
	days: ({ n }: { n: number }) => count(n, 'day'),
	worth: 'Worth changing',
	worthFrom: 'each from what was written down',
	worthNone:
		'Nothing yet. Two or three meals with “how was it”, or a few measured cores, and it says what they have in common.',
	looking: 'Reading what was written down…',
	failed: 'It could not be computed. Load the page again.',
	accept: {
		shorter: 'Change its card',
		longer: 'Change its card',
		smaller: 'Note it',
		larger: 'Note it',
		twice: 'Twice',
		half: 'Half',
		'yields-less': 'Note it',
		'yields-more': 'Note it',
		pace: 'Use it'
	},
	aside: 'Not now',
	said: {
		shorter: ({ name, times, of, way }: { name: Shown; times: number; of: number; way: Shown }) =>
			`${name} was too dry ${times === of ? count(times, 'time') : `${times} of ${of} times`} ${way}`,
		longer: ({ name, times, of, way }: { name: Shown; times: number; of: number; way: Shown }) =>
			`${name} was not done ${times === of ? count(times, 'time') : `${times} of ${of} times`} ${way}`,
		smaller: ({ name, times, of }: { name: Shown; times: number; of: number }) =>
			`${name}: too much ${times} of ${of} times`,
		larger: ({ name, times, of }: { name: Shown; times: number; of: number }) =>
			`${name}: too little ${times} of ${of} times`,
		twice: ({ name, days, times }: { name: Shown; days: number; times: number }) =>
			`${name}: gone within ${count(days, 'day')}, ${count(times, 'time')}`,
		half: ({ name, times, of }: { name: Shown; times: number; of: number }) =>
			`${name}: past its best ${times} of ${count(of, 'time')}`,
		'yields-less': ({ name, percent, times }: { name: Shown; percent: number; times: number }) =>
			`${name}: ${percent} % less than its lines come to, ${count(times, 'packing day')}`,
		'yields-more': ({ name, percent, times }: { name: Shown; percent: number; times: number }) =>
			`${name}: ${percent} % more than its lines come to, ${count(times, 'packing day')}`,
		paceSlower: ({ appliance, percent, n }: { appliance: Shown; percent: number; n: number }) =>
			`The ${appliance} is slower than its kind: ${count(n, 'cook')}, ${percent} % longer`,
		paceFaster: ({ appliance, percent, n }: { appliance: Shown; percent: number; n: number }) =>
			`The ${appliance} is faster than its kind: ${count(n, 'cook')}, ${percent} % shorter`
	},
	then: {
		shorter: ({ minutes, core }: { minutes: number; core: Shown | null }) =>
			`${minutes} min less${core === null ? ', by the computed course of its middle' : `, core was ${core}`}; never below what is safe`,
		longer: ({ minutes, core }: { minutes: number; core: Shown | null }) =>
			`${minutes} min more${core === null ? '' : `, core was ${core}`}`,
		smaller: 'a note at the dish: fewer servings a pack',
		larger: 'a note at the dish: more servings a pack',
		'yields-less': 'a note at the dish, where it is bought for: so much more for the same packs',
		'yields-more': 'a note at the dish, where it is bought for: so much less for the same packs',
		twice: ({ batches }: { batches: number }) => `put on a day, it comes as ${batches} batches`,
		half: ({ batches }: { batches: number }) =>
			`put on a day, it comes as ${count(batches, 'batch', 'batches')}`,
		halfNote: 'a note at the dish: make half, or every other time',
		pace: ({ from, to }: { from: Shown; to: Shown }) =>
			`four in five of its next cooks take ${from} to ${to} of the computed time`
	},
	sure: { sure: 'sure', likely: 'fairly sure', hint: 'a hint' },
	rests: ({ n }: { n: number }) => `rests on ${count(n, 'pack')}`,
	notes: {
		smaller: ({ times, of }: { times: number; of: number }) =>
			`Too much ${times} of ${of} times: fewer servings a pack.`,
		larger: ({ times, of }: { times: number; of: number }) =>
			`Too little ${times} of ${of} times: more servings a pack.`,
		'yields-less': ({ percent, buy, times }: Record<'percent' | 'buy' | 'times', number>) =>
			`Gives ${percent} % less than written (${count(times, 'packing day')}): buy ${buy} % more for the same packs.`,
		'yields-more': ({ percent, buy, times }: Record<'percent' | 'buy' | 'times', number>) =>
			`Gives ${percent} % more than written (${count(times, 'packing day')}): ${buy} % less does for the same packs.`,
		half: ({ times, of }: { times: number; of: number }) =>
			`Past its best ${times} of ${count(of, 'time')}: make half, or every other time.`
	},
	gone: 'That does not follow any more from what is written down. Load the page again.',
	inUse: 'In use',
	inUseNone: 'Nothing learned is in use: times and batches are as computed.',
	inUsePace: ({ appliance, percent, n }: { appliance: Shown; percent: Shown; n: number }) =>
		`${appliance}: ${percent} of the computed time, from ${count(n, 'cook')}`,
	inUseDish: ({ name, what }: { name: Shown; what: Shown }) => `${name}: ${what}`,
	inUseMinutes: ({ by, way }: { by: Shown; way: Shown }) => `${by} min ${way}`,
	inUseBatches: ({ n }: { n: number }) => `${count(n, 'batch', 'batches')} a day`,
	unlearn: 'As computed again',
	forget: 'Forget its cooks, too',
	hands: 'Hands',
	handsOf: ({ n, times }: { n: number; times: number }) =>
		`cook ${n}: ${count(times, 'piece', 'pieces')} of work`,
	handsPace: ({ percent }: { percent: number }) =>
		percent === 0
			? 'as estimated'
			: percent > 0
				? `${percent} % longer than estimated`
				: `${-percent} % shorter than estimated`,
	handsUsed: 'Each kind of work is planned with the middle of its own times.',
	inAndOut: 'In and out',
	inAndOutSays: 'made above, gone below, a week each',
	made: 'made',
	eaten: 'eaten or given',
	discarded: 'thrown away',
	forecast: 'Forecast against what it took',
	forecastMin: 'forecast, min',
	actualMin: 'actual, min',
	forecastSays: 'minutes; on the line: as computed for its kind; above: slower',
	forecastNone: 'No cook with a measured core yet: only those say how long an appliance takes.',
	months: 'Best by, month by month',
	monthsSays: 'packs in the freezer',
	noDate: 'no date',
	costs: 'What a serving cost',
	costsSays: 'by packing day, by the price book of that day',
	csv: 'as a table (CSV)',
	packsOf: 'Its packs',
	listTitle: {
		cost: 'What a serving cost',
		hands: 'Packed on followed days',
		thrown: 'Thrown away',
		waits: 'Eaten, by how long they waited',
		made: 'Made',
		gone: 'Gone',
		forecast: 'Cooks with a measured core',
		months: 'Best by',
		rests: 'What it rests on'
	},
	listNone: 'No packs are in this.',
	packs: ({ n }: { n: number }) => count(n, 'pack'),
	back: 'Back to Learn',
	columns: {
		pack: 'Pack',
		name: 'Name',
		packed: 'Packed',
		out: 'Out',
		days: 'Days',
		serving: 'A serving',
		why: 'Why'
	},
	csvHeads: {
		week: 'week',
		made: 'made',
		eaten: 'eaten',
		discarded: 'thrown_away',
		code: 'pack',
		name: 'name',
		appliance: 'appliance',
		forecast: 'forecast_min',
		actual: 'actual_min',
		month: 'best_by_month',
		packs: 'packs',
		day: 'packed_on',
		serving: 'cents_a_serving'
	}
};
