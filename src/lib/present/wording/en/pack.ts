import * as many from '../count.ts';
import type { Shown } from '../shown.ts';

export const pack = {
	pageTitle: 'Pack · Almacen',
	heading: 'Divide into packs',
	noDish: 'Write the dish first, then divide it.',
	writeADish: 'Write a dish',
	noFreezer:
		'Where do the packs go? Name your freezer and its shelves first; it takes half a minute.',
	toHousehold: 'To the household',
	missedHow: ({ tempC }: { tempC: Shown }) =>
		`Food that missed it is not packed: reheat it to ${tempC} once and cool it again if that was seen in time, otherwise discard it.`,
	missed: 'This run does not pass the cooling rule as measured and forecast.',
	warmHow: ({ tempC }: { tempC: Shown }) =>
		`Packed warm it steams, frosts and thaws what is beside it. Wait until it is at ${tempC}.`,
	warm: 'Still warm in the middle.',
	dish: 'Dish',
	packs: 'Packs',
	servings: 'Servings in each',
	container: 'Container',
	mass: 'Net weight of each',
	block: 'The block, if it differs from what is computed',
	length: 'Length',
	width: 'Width',
	thickness: 'Thickness',
	packedOn: 'Packed on',
	bestByOwn: 'Best by, if you know better',
	bestByHint: 'empty: computed',
	shelf: 'Goes to',
	planTitle: 'What it will be',
	planLine: ({
		packs,
		mass,
		length,
		width
	}: {
		packs: number;
		mass: Shown;
		length: Shown;
		width: Shown;
	}) => `${many.packs(packs)} of ${mass}, ${length} × ${width},`,
	thick: ({ thickness }: { thickness: Shown }) => `${thickness} thick`,
	total: ({ mass }: { mass: Shown }) =>
		`${mass} in all. Thickness rules freezing, thawing and cooking.`,
	tooMuch: 'Too much for this container: take a larger one, or make more packs.',
	planEmpty: 'Choose a dish and put one pack on the scale.',
	bestBy: 'Best by',
	ruledBy: ({ group, state }: { group: Shown; state: Shown }) => `ruled by ${group}, ${state}`,
	noFigure:
		'No published figure for what is in it: set a house rule in the household, or write a day.',
	computingHow: 'Cooking times for every appliance, thawed and frozen: a few seconds.',
	notPacked: 'Not packed yet: see the marked fields.',
	recent: 'Packed lately',
	massHint: ({ unit, recipe }: { unit: Shown; recipe: Shown }) =>
		`${unit}; the recipe’s lines weigh about ${recipe}`,
	computing: 'Computing the cook card…',
	submit: 'Pack them'
};

export const packPlan = {
	container: 'Container',
	fits: ({ litres }: { litres: Shown }) => `Each portion is about ${litres}.`,
	others: 'Other containers',
	headspace: ({ mm }: { mm: Shown }) => `leave ${mm} free`,
	full: ({ percent }: { percent: Shown }) => `${percent} % full`,
	tooSmall: 'too small',
	left: ({ n }: { n: Shown }) => `${n} left`,
	thick: ({ mm }: { mm: Shown }) => `${mm} thick`,
	notEnough: ({ n }: { n: Shown }) => `only ${n} left`,
	shapes: 'Shape it freezes in',
	shape: 'Shape',
	freeze: 'Frozen through',
	thaw: 'Thawed, refrigerator',
	water: 'Thawed, cold water',
	fitSlow: 'Slow cooker',
	fitPressure: 'Pressure cooker',
	fitWords: { yes: 'fits', no: 'does not fit', unknown: 'bowl not measured' },
	forms: {
		own: 'in its own shape',
		flat: 'laid flat on a tray',
		upright: 'standing upright',
		'as-is': 'as it stands',
		'slow-cooker-bowl': 'in the slow cooker’s bowl, lined with a bag',
		'pressure-cooker-bowl': 'in the pressure cooker’s pot, lined with a bag'
	},
	computing: 'Computing hours …',
	failed: 'The hours could not be computed; everything else is right.',
	never: 'never',
	measureWhole:
		'A roast or a whole bird keeps its shape. Measure it at its thickest and write that below: thickness rules every time.',
	apart:
		'Pieces that are to come out one by one: freeze them apart on a tray first, then fill the bag.',
	whyTitle: 'Hours to freeze and thaw',
	whyRule:
		'The heat model for this food and shape, single, from 5 °C: until the warmest point is at −10 °C; thawed until no ice is left.',
	ahead: 'Labels first: print them now, fill later',
	wait: ({ n, freezer }: { n: Shown; freezer: Shown }) =>
		`${n} of them wait in the refrigerator until tomorrow: ${freezer} takes no more today.`,
	noWait: ({ freezer }: { freezer: Shown }) => `${freezer} takes them all today.`,
	noRoom: 'By the list there is not room for all of them.',
	boughtFrozen: ({ lines }: { lines: Shown }) => `Bought frozen: ${lines}`,
	boughtFrozenHint: 'Raw food thawed outside the refrigerator is not frozen again.',
	boughtFrozenAnswers: {
		'still-frozen': 'still frozen when it went in',
		refrigerator: 'thawed in the refrigerator',
		otherwise: 'thawed otherwise'
	},
	cookedHint: 'if that was before today: days in the refrigerator count after thawing'
};

export const packOne = {
	printLabels: 'Print labels',
	ahead: 'Filled now?',
	aheadHow:
		'These labels were printed before their packs. Mark those that are filled; the day they are frozen may be later than you thought.',
	filled: 'Filled and in the freezer',
	weighed: 'Weighed',
	weighAgain: 'Write a weight such as 950 g, or leave it empty.',
	noneFilled: 'Tick at least one pack that is filled.',
	markFrozen: 'Mark them frozen',
	pageTitle: ({ name }: { name: Shown }) => `${name}, packed · Almacen`,
	contents: ({ packs, mass, servings }: { packs: Shown; mass: Shown; servings: number }) =>
		`${packs} × ${mass}, ${many.servings(servings)} each`,
	packed: ({ day }: { day: Shown }) => `Packed ${day} · best by`,
	ruledBy: ({ group, state }: { group: Shown; state: Shown }) => `ruled by ${group}, ${state}`,
	frozenIn: 'Frozen through in about',
	layFlat: '; lay it flat with air around it.',
	neverFreezes: 'This freezer is not cold enough to freeze it through.',
	pack: 'pack',
	code: 'code',
	liesIn: 'lies in',
	numberOf: ({ number, of }: { number: Shown; of: Shown }) => `${number} of ${of}`,
	labels: 'Labels',
	sheet: 'Sheet',
	cookCard: 'Cook card',
	freezeTitle: 'Freezing through',
	freezeRule: ({ tempC }: { tempC: Shown }) =>
		`Until its warmest point is at ${tempC}, for one pack with air on every side. Stacked, or in a freezer that has just been loaded, two to three times longer.`,
	thickness: 'thickness',
	freezer: 'freezer'
};

export const packChart = {
	title: 'Freezing, and thawing again',
	hours: ({ h }: { h: Shown }) => `${h} h`,
	freezing: ({ at }: { at: Shown }) => `freezing at ${at}, warmest point`,
	refrigerator: ({ at }: { at: Shown }) => `thawing at ${at}, coldest point`,
	water: ({ at }: { at: Shown }) => `in cold water at ${at}, coldest point`,
	single:
		'A single pack with air or water all round; stacked packs or a loaded freezer take two to three times as long.'
};

export const packActionsAnswers = {
	alreadyOut: 'This pack was already taken out, perhaps on another device.',
	alreadyBack: 'This pack is back in the freezer already.',
	reasonMissing: 'Say in a word or two why it is discarded: it helps to waste less.'
};

export const packDishAnswers = {
	thawedBefore:
		'Thawed outside the refrigerator it may not be frozen again raw. Cook it through first, then freeze it as a cooked dish.',
	partCooked: ({ sentence }: { sentence: Shown }) =>
		`Its method only browns the meat to finish it another day (“${sentence}”). Cook it through before freezing, or leave it raw; change the dish’s method, then pack.`,
	dishGone: 'This dish is gone. Choose another.',
	shelfGone: 'This shelf is gone. Choose another.',
	otherWeight: ({ held, typed }: { held: Shown; typed: Shown }) =>
		`Thickness: a block of this size would weigh about ${held}, not ${typed}. Measure again, or leave it empty.`,
	tooMuch: ({ most }: { most: Shown }) =>
		`Weight of each: this container takes at most about ${most}. Take a larger one, or make more packs.`
};

export const packingChecks = {
	longAgo: 'Packed on: more than two years ago. Check the year.',
	bestByBefore:
		'Best by: that day is before the day of packing. Leave it empty to have it computed.',
	bestByPassed: 'Best by: that day has passed. Leave it empty to have it computed.',
	boughtFrozen: 'Bought frozen',
	packedOnMissing: 'Packed on: which day?',
	stillToCome: 'Packed on: that day is still to come.',
	dishMissing: 'Choose a dish.',
	packs: 'Packs',
	packsMissing: 'Packs: how many?',
	servings: 'Servings in each',
	servingsMissing: 'Servings in each: how many?',
	container: 'Container',
	containerMissing: 'Container: what does it go into?',
	mass: 'Weight of each',
	massMissing: 'Weight of each: put one on the scale.',
	length: 'Length of the block',
	width: 'Width of the block',
	thickness: 'Thickness of the block',
	shelfMissing: 'Shelf: choose where it goes.'
};

export const fill = {
	title: ({ name }: { name: Shown }) => `Fill ${name} · Almacen`,
	heading: ({ name }: { name: Shown }) => `Fill: ${name}`,
	link: 'Fill them, step by step',
	allAtOnce: 'Read all of it before the hands go in: nothing is to be tapped until the end.',
	step: ({ n, of }: { n: Shown; of: Shown }) => `Step ${n} of ${of}`,
	done: 'Done, next',
	back: 'One back',
	label: 'Stick the labels on while bags and lids are dry and warm.',
	codes: ({ codes }: { codes: Shown }) => `Codes: ${codes}`,
	holdBag: 'Stand the bag in a jug or holder, its rim folded out so that it stays clean.',
	openBox: 'Set out the containers, lids beside them.',
	rawHands:
		'Raw meat or fish: everything you will touch is laid out, then hands in. Wash hands and board afterwards.',
	whole: ({ mass }: { mass: Shown }) => `Ladle ${mass} into each, pieces and liquid alike.`,
	layer: ({ n, text }: { n: Shown; text: Shown }) => `Layer ${n}: ${text}`,
	roles: {
		'thin-liquid': 'thin liquid',
		heavy: 'heavy',
		light: 'light',
		thick: 'thick or dairy: on top, not stirred'
	},
	pressureOrder:
		'For the pressure cooker thin liquid is at the bottom and what is thick or holds dairy on top: do not stir.',
	inner: ({ text }: { text: Shown }) => `Own small bag inside: ${text}`,
	kept: ({ text }: { text: Shown }) => `Keep back for the day, do not put in: ${text}`,
	headspace: ({ mm }: { mm: Shown }) => `Leave ${mm} free below the rim: it grows as it freezes.`,
	headspaceTitle: 'Headspace',
	headspaceRule:
		'Liquid or semi-liquid packs: wide mouth ½ inch up to a pint, 1 inch above; narrow mouth ¾ and 1½ inches; dry packs ½ inch.',
	air: 'Press the air out from the bottom up, then close.',
	glass:
		'Glass: let it cool fully, leave the headspace, no sudden warmth later. Freezing in jars is not canning.',
	double: 'It has bones: a second bag around it.',
	doubleTravels: 'If it is to travel: a second bag around it.',
	weigh: 'Weigh each pack.',
	weighed: ({ code }: { code: Shown }) => `Pack ${code}`,
	uneven: ({ percent }: { percent: Shown }) =>
		`They differ by ${percent} %: move a ladle over if it matters.`,
	even: 'Even portions.',
	flat: ({ thick }: { thick: Shown }) =>
		`Lay it flat on a tray, ${thick} thick, single until frozen; then stack.`,
	stand: 'Level, apart from each other until frozen; then close together.',
	place: ({ where }: { where: Shown }) => `Into the freezer: ${where}.`,
	finish: 'Mark them frozen',
	finished: 'They are marked frozen.'
};

export const containersPage = {
	title: 'Containers · Almacen',
	heading: 'Containers you freeze in',
	how: 'How many you own. Bags and wraps go down as they are filled; tubs, jars, pans and plates come back when their pack is eaten. Leave open what you do not count.',
	container: 'Container',
	owned: 'There are',
	left: 'Free now',
	save: 'Save',
	saved: 'Saved.',
	bad: 'Write a whole number up to 1,000, or leave it empty.',
	link: 'Containers',
	fill: ({ litres }: { litres: Shown }) => `takes about ${litres} of soup`
};

export const bestBy = {
	bestBy: 'Best by',
	rule: ({ tempC, warmerThan }: { tempC: Shown; warmerThan: Shown }) =>
		`The shortest quality time of what is in it, by the low end of the published range. Food kept at ${tempC} stays safe for longer; it loses quality. A freezer warmer than ${warmerThan} shortens it.`,
	packedOn: 'packed on',
	limit: 'what limits it',
	months: 'months',
	monthRange: ({ from, to }: { from: Shown; to: Shown }) => `${from} to ${to}`,
	freezerSetting: 'freezer set to',
	highEnd: 'high end of the range',
	setByHand: 'the day was written by hand',
	computed: 'computed',
	noFigure: 'no figure',
	lost: 'lost in warm spells',
	lostDays: ({ days }: { days: number }) => many.days(days),
	noPublishedFigure: 'no published figure'
};
