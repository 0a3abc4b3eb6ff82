import * as many from '../count.ts';
import type { Shown } from '../shown.ts';

/** The words of a meal's steps, back from serving. */
export const sheetSteps = {
	takeOut: 'Into the refrigerator',
	takeOutRaw: 'Into the refrigerator, on a tray',
	thaws: ({ time }: { time: Shown }) => `thaws about ${time}`,
	intoWater: 'Into cold water, in its sealed bag',
	untilBends: ({ time }: { time: Shown }) => `until it bends, about ${time}`,
	untilThawed: ({ time }: { time: Shown }) =>
		`until no ice is left, about ${time}; then cook at once`,
	changeWater: 'Fresh cold water',
	preheat: ({ way }: { way: Shown }) => `Switch on to heat up: ${way}`,
	takes: ({ time }: { time: Shown }) => `takes ${time}`,
	block: 'the block',
	blocks: ({ n }: { n: Shown }) => `the ${n} blocks`,
	pan: 'the pan',
	thawed: 'what was thawed',
	in: ({ liquid, what, way }: { liquid: string; what: Shown; way: Shown }) =>
		`Plastic off. ${liquid ? `${liquid}, then ${what}` : `In with ${what}`}: ${way}`,
	inSealed: ({ what, way }: { what: Shown; way: Shown }) => `In its sealed bag: ${what}, ${way}`,
	inPan: ({ way }: { way: Shown }) => `Film off, the pan in: ${way}`,
	hotLiquid: ({ amount }: { amount: Shown }) => `${amount} boiling liquid`,
	liquid: ({ amount }: { amount: Shown }) => `${amount} water or broth`,
	fits: ({ block, bowl }: { block: Shown; bowl: Shown }) => `it goes in whole: ${block} in ${bowl}`,
	bowl: ({ sides }: { sides: Shown }) => `a ${sides} bowl`,
	breakUp: 'lid on; break it up as soon as it bends, then stir now and then',
	setFor: ({ time }: { time: Shown }) => `${time} in all`,
	lidOn: 'lid on, full heat until it is at pressure',
	covered: 'covered, at full power; then stir',
	move: ({ from, to }: { from: Shown; to: Shown }) => `From ${from} into ${to}`,
	atPressure: ({ time }: { time: Shown }) => `At pressure: heat down, hold ${time}`,
	comesUp: ({ time }: { time: Shown }) => `about ${time} after switching on`,
	falls: 'Off the heat; let the pressure fall by itself',
	letOut: 'Off the heat; let the pressure out',
	about: ({ time }: { time: Shown }) => `about ${time}`,
	stir: 'Stir or turn it, and go on',
	measure: ({ temp, where }: { temp: Shown; where: Shown }) => `Measure: ${temp} ${where}`,
	where: {
		pieces: 'in the thickest piece',
		whole: 'in the thickest part, off the bone',
		pan: 'in the middle of the pan',
		loose: 'in the middle, after stirring'
	},
	notThere: 'not there? lid back on, note what you read, and it says how much longer',
	tender: ({ temp }: { temp: Shown }) => `safe there; tender enough to pull at ${temp}`,
	stands: 'It stands, covered',
	restsOpen: 'It rests in the open pot',
	rests: 'It rests, covered',
	keepHot: ({ temp }: { temp: Shown }) => `Kept hot, above ${temp}`,
	staysHot: ({ time }: { time: Shown }) => `off the heat and covered it stays so for ${time}`,
	keepHotLean: 'lean meat goes dry meanwhile',
	tooLong: 'cooler for two hours: eat it or throw it away',
	side: ({ name, time }: { name: Shown; time: Shown }) => `${name}: begin, ${time}`,
	serve: 'On the table',
	serveWith: ({ what }: { what: Shown }) => `with ${what}`
};

export const cookSheet = {
	pageTitle: ({ name }: { name: Shown }) => `Cooking ${name} · Almacen`,
	line: ({
		way,
		route,
		servings,
		codes
	}: {
		way: Shown;
		route: Shown;
		servings: number;
		codes: Shown;
	}) => `${way}, ${route} · ${many.servings(servings)} · ${codes}`,
	servingsOf: ({ servings, codes }: { servings: number; codes: Shown }) =>
		`${many.servings(servings)} · ${codes}`,
	ruler: 'The way to the table on a ruler that ends at serving',
	phases: {
		'take-out': 'thaws',
		'into-water': 'in water',
		preheat: 'heats up',
		in: 'cooks',
		'at-pressure': 'hold',
		release: 'release',
		measure: '',
		rest: 'rests',
		'keep-hot': 'kept hot'
	} as Readonly<Record<string, string>>,
	comeUp: 'come up',
	now: 'Now',
	doneIt: 'Done',
	alreadyDone: 'It is done already',
	nothingYet: ({ what }: { what: Shown }) => `Nothing to do. Then: ${what}`,
	until: 'until',
	due: 'now',
	lateBy: ({ time }: { time: Shown }) => `${time} late`,
	missed: ({ time, at }: { time: Shown; at: Shown }) =>
		`It will be ${time} later than wished: ${at}.`,
	undoStep: ({ what }: { what: Shown }) => `Not done after all: ${what}`,
	later: '10 min later',
	earlier: '10 min earlier',
	when: 'When it is eaten',
	wish: 'On the table by',
	setWish: 'Set',
	anotherPot: 'Another pot',
	potTitle: 'Where it could go on from here',
	potHow: 'Computed from the state the food is in now: what it has had goes with it.',
	potLine: ({ at, time }: { at: Shown; time: Shown }) => `ready about ${at}, in ${time}`,
	potNone: 'There is no better place for it now: leave it where it is.',
	potLooking: 'Working out where it could go on…',
	potFailed: 'That could not be worked out. Load the page again.',
	goThere: 'Go on there',
	reading: 'Reading',
	coreLabel: 'Reading in the middle',
	note: 'Note it',
	readingLine: ({ at, temp }: { at: Shown; temp: Shown }) => `${at}: ${temp}`,
	readingReady: 'hot enough',
	readingMore: ({ time }: { time: Shown }) => `about ${time} more`,
	neverOn: 'It was never on',
	neverTitle: 'It was never switched on',
	neverSince: ({ time, limit }: { time: Shown; limit: Shown }) =>
		`It has lain there for ${time}. Nobody knows how warm it was: ${limit} is the limit, frozen or not.`,
	neverNow: ({ at }: { at: Shown }) =>
		`Until ${at} it may go on at once where it heats fast; choose where.`,
	neverPast:
		'Throw it away, do not taste it. Heating does not take away what germs have left in it.',
	discard: 'It is thrown away',
	discardReason: 'the cooker was never on',
	sides: 'Served with it',
	sideName: 'What',
	sideMin: 'Time it takes',
	sideExample: '20 min',
	sideUses: 'On or in',
	sidePlaces: { '': 'neither', hob: 'hob', oven: 'oven', microwave: 'microwave' },
	sideAdd: 'Add it',
	sideBad: 'What: write a name, and a time such as 20 min.',
	dropSide: 'Take the last one off',
	finish: 'It is on the table',
	finishTitle: 'After the meal',
	leftServings: 'Servings left over',
	leftHow: ({ day }: { day: Shown }) =>
		`Into the refrigerator within two hours, in shallow dishes; eaten by ${day}.`,
	finished: 'Keep it',
	giveUp: 'Give this meal up',
	over: 'This meal is over.',
	back: 'Back to the table',
	howWasIt: 'How was it?',
	paper: 'Card for a helper',
	link: 'Link for a helper',
	linkHow: 'Opens this meal and nothing else, until it is over. Copy it:',
	noTemp: 'Reading: write a temperature such as 74 °C.',
	noTime: 'On the table by: write a time such as 18:30.',
	gone: 'This meal is over, or another device was quicker. Load the page again.',
	sound: 'Sound on',
	soundOff: 'Sound off',
	onDay: ({ amounts }: { amounts: Shown }) => `On the day: ${amounts}`,
	begin: 'Cook it so',
	best: ({ at }: { at: Shown }) => `The way for ${at}`,
	bestNone: 'No way makes it by then; the earliest is below.',
	noWay: 'This way is not on the card any more. Load the page again.',
	helperTitle: ({ name }: { name: Shown }) => `${name}: what to do when`,
	contains: ({ what }: { what: string }) =>
		what ? `Contains ${what}.` : 'No allergen known in it.',
	notAllKnown: 'something nobody could read',
	running: 'It is being cooked.',
	toSheet: 'To its steps',
	why: {
		title: 'How the steps are reckoned',
		rule: 'Back from serving with the long end of every range, so that it is ready on time; what is not begun moves with the clock. What is moved to another pot is followed cell by cell by the same model; a reading stretches what is left as it stretched what was.'
	}
};
