import * as many from '../count.ts';
import type { CoolingWayName } from '../../../core/cooling/index.ts';
import type { Shown } from '../shown.ts';

const names: Record<string, [one: string, many: string]> = {
	hands: ['cook', 'cooks'],
	burner: ['burner', 'burners'],
	oven: ['oven shelf', 'oven shelves'],
	'pressure-cooker': ['pressure cooker', 'pressure cookers'],
	'slow-cooker': ['slow cooker', 'slow cookers'],
	microwave: ['microwave', 'microwaves'],
	board: ['board', 'boards'],
	bowl: ['bowl', 'bowls'],
	sink: ['sink', 'sinks'],
	'ice-bath': ['ice bath', 'ice baths'],
	refrigerator: [
		'litre of hot food the refrigerator takes',
		'litres of hot food the refrigerator takes'
	]
};
/** "ice bath", "burners": what there is of it on a day. */
const runResource = (count: number, name: string) => names[name]?.[count === 1 ? 0 : 1] ?? name;

const ways: Record<CoolingWayName, string> = {
	'pot-counter': 'the pot on the counter',
	'pot-refrigerator': 'the pot in the refrigerator',
	'wide-dishes-refrigerator':
		'wide dishes, at most 2.5 cm (1 in) deep, on a rack in the refrigerator',
	'pot-tap-then-ice': 'the pot in cold tap water first, then in an ice bath',
	'portions-freezer':
		'bags at most 3 cm (1¼ in) thick, flat in the freezer, apart from what is frozen',
	'pot-ice-bath': 'the pot in an ice bath',
	'pot-ice-bath-stirred': 'the pot in an ice bath, stirred often',
	'bags-ice-water': 'bags at most 3 cm (1¼ in) thick, flat in ice water',
	'cut-portions-freezer':
		'divided into portions, apart on a tray in the freezer, away from what is frozen'
};

export const runSheet = {
	pageTitle: ({ day }: { day: Shown }) => `Run sheet, ${day} · Almacen`,
	toPrep: 'Prep list',
	planIt: 'Plan the day',
	planning: 'Planning: cooling and order of work are computed…',
	planningFirst: 'Planning the day for the usual kitchen …',
	notPlanned: 'Say what the kitchen has today and when you begin; the order of work follows.',
	ends: ({ end, all }: { end: Shown; all: Shown }) => `Done by ${end}: ${all} in all`,
	cannot: ({ bound, why }: { bound: Shown; why: Shown }) => `It cannot be under ${bound} ${why}.`,
	isLeast: 'No order of work is shorter.',
	withResource: ({ count, name }: { count: number; name: string }) =>
		`with ${count} ${runResource(count, name)}`,
	withDish: ({ dish }: { dish: Shown }) => `because of ${dish}`,
	washes: ({ count }: { count: number }) =>
		count === 0
			? 'Hands and board are washed at the end only.'
			: `Hands, board and knife are washed ${count === 1 ? 'once' : count === 2 ? 'twice' : `${count} times`} in between.`,
	why: {
		title: 'How the order of work is found',
		rule: 'Tasks come from the dishes’ steps and batches, with cooling as computed for the vessel. They are placed one after the other at their earliest possible moment (serial schedule generation), longest chain first; then single tasks are moved a few hundred times and what is shorter is kept. The least possible is the longest chain of a dish, or the work of the hands or an appliance over how many there are.',
		kitchen: 'Minutes of hands’ work',
		washMin: 'Minutes for each wash'
	},
	heldBack: 'What would help',
	helpHow: 'Each was planned in full: what stands here is what comes.',
	oneMore: ({ name, gain }: { name: string; gain: Shown }) =>
		`One ${runResource(1, name)} more: ${gain} less`,
	evening: ({ count, what, gain }: { count: number; what: Shown; gain: Shown }) =>
		count === 1
			? `${what} the evening before: ${gain} less`
			: `${many.things(count)} the evening before (${what}, …): ${gain} less`,
	moveThere: 'Do them the evening before',
	moveBack: ({ what }: { what: Shown }) => `Back to the day: ${what}`,
	dropDish: ({ dish, gain }: { dish: Shown; gain: Shown }) => `Without ${dish}: ${gain} less`,
	late: ({ by }: { by: Shown }) => `${by} past your time.`,
	lateDrop: ({ dish }: { dish: Shown }) => `It would fit without ${dish}.`,
	lateNone: 'No single dish left out makes it fit: leave out two, or begin earlier.',
	fits: ({ spare }: { spare: Shown }) => `${spare} to spare.`,
	missing: ({ text, resource }: { text: Shown; resource: Shown }) =>
		`“${text}” needs more than the kitchen has today: ${resource}. Change the step in Menu or the kitchen below.`,
	infeasible:
		'There is no order in which all of this can be done: look at the breaks and what the kitchen has.',
	waited: ({ what }: { what: Shown }) =>
		`Waits longer than it should: ${what}. Keep it hot above 60 °C, or chill it.`,
	start: 'Begin the day',
	begunAt: ({ at }: { at: Shown }) => `Begun at ${at}`,
	took: ({ all }: { all: Shown }) => `The day took ${all}.`,
	endDay: 'The day is done',
	goOn: 'Not done yet after all',
	now: 'Now',
	next: 'Next',
	later: 'Later',
	done: 'Done',
	nothingNow: 'Nothing to do this minute.',
	allDone: 'Everything is done.',
	begin: 'Begin',
	finish: 'Done',
	finishAnd: ({ next }: { next: Shown }) => `Done, on to: ${next}`,
	fiveMore: '5 min more',
	fifteenLate: '15 min late',
	skip: 'Leave out',
	again: 'Take back',
	left: 'left',
	over: 'over its time',
	begins: ({ at }: { at: Shown }) => `at ${at}`,
	wash: 'First wash hands, board and knife.',
	cool: ({ dish }: { dish: Shown }) => `Cool ${dish}`,
	pack: ({ dish }: { dish: Shown }) => `Fill, close and label ${dish}`,
	pauseTask: 'Break',
	toCooling: 'Cooling curve',
	timeUp: ({ what }: { what: Shown }) => `Time is up: ${what}`,
	soundOn: 'Sound on',
	soundOff: 'Sound off',
	shortBreak: 'Break of 15 min',
	slow: ({ name }: { name: Shown }) => `${name} is slow`,
	notSlow: ({ name }: { name: Shown }) => `${name} is as planned`,
	awake: 'The screen stays on while this page is open.',
	asleep:
		'This page cannot keep the screen on: browsers allow it only over https or on the computer Almacen runs on. Switch off the automatic lock in the phone’s display settings for today, and lay it on the charger.',
	unsent: ({ count }: { count: Shown }) => `${count} not sent yet`,
	unsentList: 'Waits on this device until there is a connection; nothing is lost:',
	searching: ({ end }: { end: Shown }) =>
		`A better order is looked for; best so far: done by ${end}`,
	searchingCooling: 'How each dish is cooled best is computed…',
	searchingHelp: 'What would help is computed…',
	movedTitle: 'Planned anew',
	movedNone: 'Nothing else had to move by more than ten minutes.',
	movedCount: ({ count }: { count: number }) =>
		count === 1 ? 'One thing moved:' : `${count} things moved:`,
	movedRest: ({ count }: { count: number }) => `${count} more`,
	movedBy: ({ what, by, at }: { what: Shown; by: Shown; at: Shown }) =>
		`${what}: ${by}, now at ${at}`,
	later10: ({ by }: { by: Shown }) => `${by} later`,
	earlier10: ({ by }: { by: Shown }) => `${by} earlier`,
	because: {
		start: 'the day was begun',
		begin: ({ what }: { what: Shown }) => `“${what}” was begun`,
		finish: ({ what }: { what: Shown }) => `“${what}” is done`,
		skip: ({ what }: { what: Shown }) => `“${what}” is left out`,
		again: ({ what }: { what: Shown }) => `“${what}” was taken back`,
		late: ({ what, by }: { what: Shown; by: Shown }) => `“${what}” takes ${by} longer`,
		move: ({ what }: { what: Shown }) => `“${what}” was moved`,
		slow: ({ what }: { what: Shown }) => `${what}: slower or as planned again`,
		pause: ({ by }: { what: Shown; by: Shown }) => `a break of ${by}`,
		undo: 'something was taken back',
		end: 'the day was ended'
	},
	becauseOf: ({ reasons }: { reasons: Shown }) => `Because ${reasons}.`,
	saying: ({ kind, what, by }: { kind: Shown; what: Shown; by: Shown }) =>
		[kind, what && `“${what}”`, by].filter(Boolean).join(' '),
	said: {
		start: 'begin the day',
		end: 'end the day',
		begin: 'begin',
		finish: 'done:',
		skip: 'leave out',
		again: 'take back',
		late: 'takes longer:',
		move: 'moved:',
		slow: 'slow:',
		pause: 'a break of',
		undo: 'taken back',
		tick: 'ticked',
		untick: 'unticked'
	},
	undoLast: ({ what }: { what: Shown }) => `Take back: ${what}`,
	cookTag: ({ n }: { n: number }) => `Cook ${n}`,
	iceInAll: ({ ice, baths, busy }: { ice: Shown; baths: number; busy: Shown }) =>
		`Ice in all: ${ice}, in ${baths} ${runResource(baths, 'ice-bath')} at most at a time, busy ${busy}.`,
	fridgeInAll: ({ litres }: { litres: Shown }) =>
		`Hot food in the refrigerator at a time: at most ${litres}.`,
	stirInAll: ({ time }: { time: Shown }) => `Hands that stir ice baths: ${time} in all.`,
	kitchen: 'Kitchen and times today',
	cooks: 'Cooks',
	from: 'Begin at',
	deadline: 'To be done by (optional)',
	pauses: 'Breaks (optional)',
	pausesHint: '12:30 for 30 min, 15:00 for 10 min',
	pausesBad: 'Breaks: write a time and minutes for each, “12:30 for 30 min”.',
	clockBad: 'Write a time of day, 9:00 or 9 am.',
	numberBad: ({ what, most }: { what: Shown; most: Shown }) =>
		`${what}: a whole number from 0 to ${most}.`,
	resources: Object.fromEntries(
		Object.entries(names).map(([name, [, many]]) => [name, many])
	) as Record<string, string>,
	lanes: {
		hands: 'Hands',
		burner: 'Burner',
		oven: 'Oven',
		'pressure-cooker': 'Pressure cooker',
		'slow-cooker': 'Slow cooker',
		microwave: 'Microwave',
		'ice-bath': 'Ice bath',
		refrigerator: 'Refrigerator'
	} as Record<string, string>,
	timeline: 'Timeline',
	legend: 'Colours by dish',
	byDish: 'Rows by dish',
	byPlace: 'Rows by place',
	severalDishes: 'Several dishes',
	nowAt: ({ at }: { at: Shown }) => `now ${at}`,
	allPacked: ({ at }: { at: Shown }) => `all packed ${at}`,
	facts: ({ cooks, burners }: { cooks: number; burners: number }) =>
		`${many.plural(cooks, { one: 'one cook', other: `${cooks} cooks` })} · ${many.plural(burners, { one: 'one burner', other: `${burners} burners` })}`,
	timelineHow:
		'Drag a bar that has not begun, or choose it and use the arrow keys: the rest is planned around it.',
	bar: ({ text, from, to }: { text: Shown; from: Shown; to: Shown }) => `${text}, ${from} to ${to}`,
	rawWord: 'raw',
	cooling: 'Cooling',
	coolingOf: ({ dish, way, time }: { dish: Shown; way: Shown; time: Shown }) =>
		`${dish}: ${way}, cold in ${time}`,
	tend: ({ step }: { step: Shown }) => `Look after it: ${step}`,
	putBack: ({ what }: { what: Shown }) => `Back into the refrigerator: ${what}`,
	tray: ({ dish }: { dish: Shown }) => `Freeze apart on trays: ${dish}`,
	stir: ({ dish }: { dish: Shown }) => `Stir ${dish} in its ice every few minutes`,
	coolingIce: ({ mass }: { mass: Shown }) => `with ${mass} of ice`,
	ways: {
		pot: ways,
		pan: {
			...ways,
			'pot-counter': 'its pan on the counter',
			'pot-refrigerator': 'its pan on a rack in the refrigerator',
			'pot-tap-then-ice':
				'its pan (metal or foil, never hot glass) in cold tap water first, then in an ice bath',
			'pot-ice-bath': 'its pan (metal or foil, never hot glass) in an ice bath'
		}
	},
	changeWay: ({ dish }: { dish: Shown }) => `Another way for ${dish}`,
	least: 'best for the day, of those that pass'
};
