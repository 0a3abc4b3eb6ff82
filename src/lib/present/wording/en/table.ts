import type { CardChange } from '../../../core/serving/index.ts';
import * as many from '../count.ts';
import type { Shown } from '../shown.ts';

export const table = {
	moreLater: ({ n }: { n: Shown }) => `These ${n} are to be eaten first; there are more.`,
	moreThere: 'Look for another in the freezer',
	pageTitle: 'Table · Almacen',
	serveBy: 'On the table by',
	look: 'Look',
	when: 'For when',
	tonight: 'next time',
	tomorrow: 'tomorrow',
	soon: 'as soon as possible',
	weeks: 'weeks',
	outOfHouse: 'Out of the house meanwhile',
	outFrom: 'Out from',
	outTo: 'back at',
	outHow: 'Then only a slow cooker runs alone, and only what stays good in it.',
	badOut: 'Out from, back at: write two times of that day, such as 8:00 and 17:30.',
	stillGood: 'Is this still good?',
	summary: ({ left, able, all }: { left: Shown; able: Shown; all: Shown }) =>
		`, in ${left}. ${able} of ${all} can make it.`,
	empty: 'Nothing is frozen yet. Packs with their cooking times appear here.',
	packADish: 'Divide a dish into packs',
	out: 'out',
	start: 'start',
	listLine: ({ servings, time, code }: { servings: number; time: Shown; code: Shown }) =>
		[many.servings(Math.round(servings * 2) / 2), time, code].filter(Boolean).join(' · '),
	earliest: ({ at, way, route }: { at: Shown; way: Shown; route: Shown }) =>
		`earliest ${at}: ${way}, ${route}`,
	noWay: 'no way this household owns is safe for it: thaw it in the refrigerator first',
	allOnOne: ({ at }: { at: Shown }) => `Before ${at}`,
	rulerOf: 'When each pack is taken out and started',
	thaws: 'in cold water or thawing',
	cooks: 'cooking, until it is served',
	firstDrawn: ({ n }: { n: number }) => `The first ${n} of them.`,
	chooseOne: 'Choose a pack: its card has the steps and the other ways.',
	tooLate: 'Not by then',
	forHowMany: 'For',
	badFor: 'For: write how many eat, such as 5.',
	computing: ({ n }: { n: number }) => `computing ${many.packs(n)} together…`,
	failed: 'could not be computed; open its card',
	noCard: 'not a meal by itself, or its times are still to come: its page says what is known',
	thawingNow: 'thawing now',
	noDate: 'no date: use first',
	pastBest: 'past its best',
	leftOver: ({ n }: { n: number }) => `${n} left over`,
	eaten: ({ days }: { days: number }) =>
		days === 0 ? 'eaten today' : days === 1 ? 'eaten yesterday' : `eaten ${days} days ago`,
	freezes: ({ at }: { at: Shown }) => `not frozen through until ${at}`,
	badTime: 'Write a time of day such as 18:30.'
};

/** What can have changed since a label was printed. */
export const cardChanges: Record<CardChange, string> = {
	altitude: 'the altitude or the room’s temperature is another',
	'slow-cooker': 'the slow cooker is another or was measured',
	'pressure-cooker': 'the pressure cooker is another or was measured',
	oven: 'the oven is another or was measured',
	owned: 'other appliances are in the kitchen',
	core: 'a higher core temperature is asked for',
	limits: 'a limit was tightened',
	learned: 'your own cooks have taught it something',
	model: 'times are computed better'
};

export const tableOne = {
	otherWays: ({ n }: { n: number }) =>
		many.plural(n, { one: 'One other way', other: `${n} other ways` }),
	back: 'All packs',
	rough:
		'Reckoned from its name, weight and shape alone: wide ranges, and as strict as what it might be. Measure the middle.',
	everyWay: 'Every way, by every route; or as if it were otherwise',
	together: ({ n }: { n: number }) => `Computing for ${many.packs(n)} in one pot: a few seconds.`,
	pageTitle: ({ name }: { name: Shown }) => `Cook ${name} · Almacen`,
	markCooked: 'Mark it cooked',
	changed: ({ what }: { what: Shown }) =>
		`Since the label was printed: ${what}. What stands here is of today.`,
	serveBy: 'On the table by',
	look: 'Look',
	doneAt: 'Done at',
	inTheMiddle: 'in the middle',
	tenderAt: ({ temp }: { temp: Shown }) => `, tender enough to pull at ${temp}`,
	boilsAt: ({ tempC }: { tempC: Shown }) => `water boils at ${tempC} here`,
	careful: ({ standing }: { standing: Shown }) =>
		`${standing} Young children, pregnant and older people and those with weak immunity need more care: measure the core every time.`,
	badTime: 'Write a time such as 18:30.',
	packLine: ({
		mass,
		servings,
		thickness,
		packedOn,
		code
	}: {
		mass: Shown;
		servings: number;
		thickness: Shown;
		packedOn: Shown;
		code: Shown;
	}) => `${mass} · ${many.servings(servings)} · ${thickness} thick · packed ${packedOn} · ${code}`
};

export const routes = {
	title: ({ serve }: { serve: Shown }) => `Ways to have it on the table by ${serve}`,
	how: 'Choose a row to see its ways below. Cold water: sealed bag, water changed every half hour, cook at once.',
	frozen: 'straight from frozen',
	softened: 'cold water until it bends',
	coldWater: 'cold water until no ice is left',
	refrigerator: 'thawed in the refrigerator',
	lasts: ({ min }: { min: Shown }) => `about ${min}`,
	never: 'does not thaw there',
	pan: 'A pan does not go into cold water: glass and lids do not take it.',
	tooLong:
		'Too long in water for its weight: its outside would be warm for over two hours. Thaw it in the refrigerator, cook it from frozen, or cut it once it bends.',
	startBy: ({ at }: { at: Shown }) => `start ${at}`,
	outBy: ({ at }: { at: Shown }) => `out ${at}`,
	earliest: ({ at }: { at: Shown }) => `not before ${at}`,
	refused: 'refused',
	computing: 'computing'
};

export const cookWay = {
	label: ({ says }: { says: Shown }) => `The label says ${says}.`,
	likely: ({ duration }: { duration: Shown }) => `likely ${duration}`,
	pressureTotal: ({ duration }: { duration: Shown }) =>
		`${duration} in all, with come-up, release and ten minutes’ rest.`,
	outBy: 'Out of the freezer by',
	intoRefrigerator: ', into the refrigerator on a tray.',
	switchOnBy: 'Switch on by',
	preheat: ({ duration, at }: { duration: Shown; at: Shown }) =>
		`Heating the oven up (${duration}) is counted in: food goes in at ${at}.`,
	tooLate: 'Too late for then.',
	modelSays: 'The model says',
	notAdvice: ', which is not advice.',
	middleAt: 'middle at',
	hazard: ({ duration, range }: { duration: Shown; range: Shown }) =>
		`· ${duration} between ${range}`,
	fill: ({ percent }: { percent: Shown }) => `· ${percent} % full`,
	goodUntil: ({ at }: { at: Shown }) => `· still good until ${at}`,
	onTheDay: ({ amounts }: { amounts: Shown }) => `On the day: ${amounts}`,
	rangeRule: ({ rule }: { rule: Shown }) =>
		`${rule} The range runs from one in ten sooner to one in ten later: power, losses, heat transfer, thickness, how the food conducts and its start are each let vary.`,
	kind: 'kind',
	weight: 'weight',
	block: 'block',
	start: 'start',
	altitude: 'altitude',
	cooker: 'cooker',
	recipeSays: 'recipe says',
	reheat: 'make hot again',
	noInstruction: 'nothing: the kind’s own target',
	targetCook: ({ tempC }: { tempC: Shown }) => `cooking wanted, minutes at ${tempC}`,
	comeUp: 'come-up',
	hazardPart: ({ range }: { range: Shown }) => `worst part between ${range}`,
	atWorst: ({ likely, worst }: { likely: Shown; worst: Shown }) => `${likely}, at worst ${worst}`,
	about: ({ duration }: { duration: Shown }) => `about ${duration}`,
	rangeComing: 'range and advice are being computed',
	readyBetween: ({ from, to }: { from: Shown; to: Shown }) => `Ready between ${from} and ${to}`,
	keptHot: ({ tempC }: { tempC: Shown }) => `kept hot above ${tempC}, it waits.`,
	keptHotLean: ({ tempC }: { tempC: Shown }) => `kept hot above ${tempC}, it waits but goes dry.`,
	eatBefore: ({ at }: { at: Shown }) => `best eaten by ${at}`,
	intoColdWater: ', into cold water in its sealed bag.',
	atPressure: 'at pressure'
};

export const cookRuler = {
	title: 'When to start, on a ruler that ends at serving',
	now: 'now',
	readyAt: ({ at }: { at: Shown }) => `would be ready ${at}`,
	comeUp: 'come-up',
	hold: 'hold',
	release: 'release',
	preheat: 'heating up',
	tooLate: 'too late for then',
	refusedAfter: ({ duration }: { duration: Shown }) => `refused: ${duration} by the model`,
	better: ({ way, duration }: { way: Shown; duration: Shown }) => ` · better: ${way}, ${duration}`
};

export const cookChart = {
	danger: ({ from, to }: { from: Shown; to: Shown }) => `${from} to ${to}: germs grow`,
	core: ({ temperature }: { temperature: Shown }) => `done at ${temperature}`,
	label: ({ names }: { names: Shown }) => `Core temperature until serving: ${names}`,
	title: 'Core temperature'
};

export const cookLog = {
	title: 'How did it go?',
	why: 'Two taps. A core that was measured teaches the appliance; what the taps have in common stands in Learn.',
	way: 'Cooked in',
	wayWhich: 'Cooked in: choose the appliance.',
	from: 'From',
	fromWhich: 'From: choose how it went in.',
	minutes: 'Time really taken',
	minutesHow:
		'Time really taken: how long was it in, such as 6 h 30? Under pressure: the minutes at pressure.',
	core: 'Core temperature then, if measured',
	outcome: 'It was',
	under: 'not done yet',
	right: 'just right',
	over: 'too dry, overdone',
	wasEnough: 'Was it enough?',
	'too-little': 'too little',
	enough: 'enough',
	'too-much': 'too much',
	details: 'Time, core, a line for next time',
	before: 'How it went before',
	then: 'From the last times',
	asPlanned: ({ way, route, time }: { way: Shown; route: Shown; time: Shown }) =>
		`As planned: ${way}, ${route}, ${time}. Below is the place to say what was otherwise.`,
	note: 'Note for next time',
	keep: 'Keep it',
	kept: ({ times }: { times: Shown }) => `Written down; cooked ${times} so far.`,
	waits: 'Written down on this device; it is sent when the connection is back.',
	notCooked: 'Mark the pack cooked first; then write down how it went.',
	noSuchWay: 'Cooked in: this way is not on the card any more. Load the page again.',
	line: ({ when, way, minutes }: { when: Shown; way: Shown; minutes: Shown }) =>
		`${when}: ${way}, ${minutes}`,
	coreWas: ({ core }: { core: Shown }) => `, core ${core}`
};

export const whatIf = {
	title: 'As if it were',
	thickness: 'Thickness',
	weight: 'Weight',
	asPacked: 'As it was packed',
	notTheLabel: ({ count, thickness, mass }: { count: Shown; thickness: Shown; mass: Shown }) =>
		`As if ${count} × ${thickness} thick and ${mass}: not what the label says.`,
	today:
		'Computed with your appliances and limits as they are now; where the label differs, it is said below.',
	computingToday:
		'Computing with your appliances and limits as they are now; until then you see the label’s figures.',
	together: 'Packs together',
	lie: 'They lie',
	sideBySide: 'side by side',
	stacked: 'stacked',
	computing: ({ done, of }: { done: Shown; of: Shown }) => `Computing: ${done} of ${of} ways`,
	looseness: 'Loose once thawed',
	loose: ({ factor }: { factor: Shown }) => `${factor} × solid meat`,
	liquid: 'Liquid around it',
	keep: 'Keep for this pack',
	kept: 'Kept for this pack: computed so from now on.',
	forget: 'Back to how it was packed, and keep that',
	badChange:
		'That cannot be kept. Set thickness and weight again, or go back to how it was packed.',
	more: 'More assumptions',
	failed: 'It cannot be computed so. Change it, or go back to how it was packed.'
};

export const late = {
	title: 'Add late',
	inPot: ({ items, minutes }: { items: Shown; minutes: Shown }) =>
		`${items}: into the pot ${minutes} before serving.`,
	pasta: ({ items, minutes }: { items: Shown; minutes: Shown }) =>
		`${items}: into the pot ${minutes} before serving, with enough liquid to cover it.`,
	thickener: ({ items, minutes }: { items: Shown; minutes: Shown }) =>
		`${items}: stirred into cold water, turned to high, ${minutes} before serving.`,
	dairy: ({ items, minutes }: { items: Shown; minutes: Shown }) =>
		`${items}: stirred in for the last ${minutes}, not boiled.`,
	afterOpening: ({ items, minutes }: { items: Shown; minutes: Shown }) =>
		`${items}: after opening, boiled ${minutes} with the lid off; never under pressure.`,
	dairyOpened: ({ items }: { items: Shown }) =>
		`${items}: after opening, stirred in; never under pressure.`,
	lastOpen: ({ items, minutes }: { items: Shown; minutes: Shown }) =>
		`${items}: for the last ${minutes}, uncovered.`
};

export const onATimer = {
	title: 'Slow cooker on a timer',
	how: 'Waiting switched off, food is as warm as the kitchen: those hours count with the rest.',
	waits: 'It waits switched off for',
	warm: 'and is kept warm afterwards for',
	hint: 'hours and minutes, 2 h 30',
	look: 'What that means',
	computing: 'Computing…',
	bad: 'Write a time, 2 h 30 or 90 min; a day at most.',
	line: ({
		way,
		hours,
		worst,
		range,
		without
	}: {
		way: Shown;
		hours: Shown;
		worst: Shown;
		range: Shown;
		without: Shown;
	}) =>
		`${way}: its worst part is ${hours} between ${range} (${worst} at the unfavourable end; ${without} without waiting).`,
	why: {
		title: 'Waiting in the slow cooker',
		rule: 'The same model as for cooking, with the cooker switched off first and on its warm setting (80 W for a 5.7-litre one) afterwards; the hours any part spends in the danger range are added up over all of it.'
	}
};
