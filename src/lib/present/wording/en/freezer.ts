import * as many from '../count.ts';
import type { Shown } from '../shown.ts';

export const freezer = {
	chooseWhat: 'Choose what to do with them.',
	chooseFirst: 'Tick the packs first.',
	bulkDone: ({ done, late }: { done: Shown; late: Shown }) =>
		Number(late) > 0
			? `${done} done; ${late} had changed meanwhile and stay as they are.`
			: `${done} done.`,
	search: 'Search by dish, shelf or code',
	found: ({ n, servings }: { n: number; servings: number }) =>
		`${many.packs(n)}, ${many.servings(servings)}`,
	nothingFound: 'Nothing in the freezer answers to that.',
	clear: 'Show everything',
	allMonths: 'any best-by',
	noDate: 'no date',
	past: 'past its best',
	monthPacks: ({ month, n }: { month: Shown; n: Shown }) => `${month} (${n})`,
	allStates: 'raw and cooked',
	raw: 'raw',
	cooked: 'cooked',
	month: 'Best by',
	state: 'State',
	shelf: 'Shelf',
	allShelves: 'every shelf',
	more: ({ n }: { n: Shown }) => `Show more (${n} left)`,
	choose: ({ name, code }: { name: Shown; code: Shown }) => `choose ${name}, ${code}`,
	several: 'With the ticked ones',
	chosen: ({ n }: { n: Shown }) => `${n} ticked`,
	deeds: {
		moved: 'move to a shelf',
		pulled: 'take out to thaw',
		cooked: 'mark cooked',
		given: 'give away',
		discarded: 'discard'
	},
	batchLine: ({ servings, mass, state }: { servings: number; mass: Shown; state: Shown }) =>
		`${many.servings(servings)} · ${mass} · ${state}`,
	short: {
		cooked: 'Cooked',
		pulled: 'Thaw',
		moved: 'Move',
		given: 'Give away',
		discarded: 'Discard',
		labels: 'Labels',
		coolBox: 'Cool box'
	},
	back: 'Back',
	clearChosen: 'Leave it',
	oneByOne: ({ n }: { n: number }) => `each of ${n}`,
	together: 'together',
	numberOf: ({ number, of }: { number: Shown; of: Shown }) => `pack ${number} of ${of}`,
	doIt: 'Do it',
	thawing: 'Thawing',
	thawed: ({ time }: { time: Shown }) => `free of ice about ${time}`,
	cookBy: ({ time }: { time: Shown }) => `cook by ${time}`,
	thawUnknown: 'when it is thawed is not known: look',
	thawPlaces: {
		refrigerator: 'in the refrigerator',
		'cold-water': 'in cold water',
		microwave: 'in the microwave',
		counter: 'on the counter'
	},
	reserved: ({ n }: { n: number }) =>
		`${many.labels(n)} printed ahead ${many.plural(n, { one: 'waits for its pack', other: 'wait for their packs' })}.`,
	shelfFill: ({ litres, of, packs }: { litres: Shown; of: Shown; packs: number }) =>
		`${litres} of ${of}, ${many.packs(packs)}`,
	moreHere: ({ n }: { n: Shown }) => `+${n}`,
	full: 'full',
	load: ({ added, of }: { added: Shown; of: Shown }) => `in today ${added} of ${of}`,
	loadOver:
		'More unfrozen food now would warm what is frozen: let the rest wait in the refrigerator until tomorrow.',
	loadTitle: 'What a freezer takes in a day',
	loadRule:
		'No more than 32 g of unfrozen food for each litre of freezer within 24 hours (2 to 3 lb per cubic foot; the stricter end). More freezes slowly and warms what lies beside it.',
	kinds: {
		'refrigerator-top': 'refrigerator’s freezer',
		upright: 'upright freezer',
		chest: 'chest freezer'
	},
	tools: 'More',
	scan: 'Scan',
	already: 'Write down what is there',
	count: 'Count up',
	power: 'After a power cut',
	defrost: 'Defrosting day',
	thermometer: 'Freezer temperatures',
	csv: 'Tables in and out (CSV)',
	door: 'List for the door (PDF)',
	freezerAlmacen: 'Freezer · Almacen',
	emptyTitle: 'The freezer is empty',
	stock: ({ packs, servings }: { packs: number; servings: number }) =>
		`${many.packs(packs)}, ${many.servings(servings)}`,
	emptyHint: 'Packs appear here in the order to eat them.',
	useFirst: 'Use first at the top.',
	pastBest: ({ packs, tempC }: { packs: number; tempC: Shown }) =>
		`${many.packs(packs)} past ${many.plural(packs, { one: 'its', other: 'their' })} best: still safe at ${tempC}, losing quality.`,
	shape: 'shape',
	pack: 'pack',
	bestBy: 'best by',
	liesIn: 'lies in',
	code: 'code',
	openAPackBy: 'Open a pack by its code',
	codeHint: 'case and spaces do not matter',
	open: 'Open',
	undated: 'no date: use first',
	overdue: ({ days }: { days: number }) => `overdue ${many.days(days)}`,
	useToday: 'use today',
	daysLeft: ({ days }: { days: number }) => `${many.days(days)} left`,
	weeksLeft: ({ weeks }: { weeks: number }) => `${many.weeks(weeks)} left`,
	packADish: 'Divide a dish into packs',
	nameFreezer: 'Name your freezer',
	notKnown: 'not known',
	empty: ', empty',
	packLine: ({
		servings,
		mass,
		state,
		number,
		of
	}: {
		servings: number;
		mass: Shown;
		state: Shown;
		number: Shown;
		of: Shown;
	}) => `${many.servings(servings)} · ${mass} · ${state} · ${number} of ${of}`
};

export const freezerOne = {
	dayUnknown: 'When it was frozen is not known: use it first.',
	packedAbout: ({ day }: { day: Shown }) => `Frozen about ${day}.`,
	lostDays: ({ days }: { days: number }) => `Warm spells took ${many.days(days)}.`,
	boughtOn: ({ day }: { day: Shown }) => `Bought on ${day}.`,
	cookedOn: ({ day }: { day: Shown }) => `Cooked on ${day}; days in the refrigerator count.`,
	thawedBefore: 'Parts of it were frozen and thawed before: do not freeze it again raw.',
	cardComes: 'Its cook card is being computed. Look again in a moment.',
	noCard:
		'No cook card: what it is made of is not known here. Follow the maker’s instructions, or heat it to 74 °C (165 °F) in the middle.',
	itsLabel: 'Its label',
	history: 'From pot to plate',
	keeps: ({ days }: { days: number }) => `Once thawed it keeps ${many.days(days)} there.`,
	takeOut: 'Take it out to thaw',
	where: 'Where',
	places: {
		refrigerator: 'in the refrigerator',
		'cold-water': 'in cold water, sealed, changed every 30 minutes',
		microwave: 'in the microwave: cook at once',
		counter: 'on the counter'
	},
	leftOut: 'Was it left out on the counter?',
	leftOutRule:
		'No way to thaw: outside the refrigerator it has two hours in all, hard or soft. Then it goes.',
	leftOutFor: 'For how many minutes by now',
	leftOutNote: 'It stands on the counter',
	counterUntil: ({ time }: { time: Shown }) =>
		`Two hours in all: into the pot or the refrigerator by ${time}, else discard it.`,
	trayHint: 'Raw packs on a tray, lowest shelf.',
	outSince: ({ time, place }: { time: Shown; place: Shown }) => `Out since ${time}, ${place}.`,
	pliable: ({ time }: { time: Shown }) => `Bends from about ${time}.`,
	thawedAt: ({ time }: { time: Shown }) => `Free of ice about ${time}.`,
	cookByTime: ({ time }: { time: Shown }) => `Cook or eat it by ${time}.`,
	refreezing: {
		'thawed-in-refrigerator':
			'Thawed in the refrigerator: it may be frozen again without cooking; it loses some quality.',
		'too-long-in-refrigerator': 'Too many days in the refrigerator: discard it.',
		'thawed-in-water': 'Cook it through first; then it may be frozen again.',
		'out-too-long': 'More than two hours outside the refrigerator: discard it.',
		'cooked-since': 'Cooked since, and cooled in time: it may be frozen again.',
		'still-frozen': 'Still frozen: put it back.'
	},
	refreezeIt: 'Freeze it again',
	putBackSlip: 'Put it back: it was not out at all',
	part: 'Servings used',
	partHint: ({ n }: { n: Shown }) => `of ${n}`,
	usePart: 'Use a part',
	into: 'Split into',
	splitIt: 'Split it',
	pageTitle: ({ code, name }: { code: Shown; name: Shown }) => `${code} · ${name} · Almacen`,
	contents: ({ servings, mass }: { servings: number; mass: Shown }) =>
		`${many.servings(servings)} · ${mass}`,
	packLine: ({
		number,
		of,
		container,
		thickness
	}: {
		number: Shown;
		of: Shown;
		container: Shown;
		thickness: Shown;
	}) => `pack ${number} of ${of} · ${container} · ${thickness} thick`,
	packedOn: ({ day }: { day: Shown }) => `Packed ${day}.`,
	liesIn: ({ freezer, shelf }: { freezer: Shown; shelf: Shown }) => `Lies in ${freezer}, ${shelf}.`,
	contains: ({ allergens }: { allergens: Shown }) => `Contains ${allergens}.`,
	notAllKnown: 'Its allergens are not all known: a line of the dish was not read.',
	onTheDay: ({ amounts }: { amounts: Shown }) => `On the day: ${amounts}`,
	doneAt: ({ tempC, why }: { tempC: Shown; why: Shown }) =>
		`Done at ${tempC} in the middle (${why}).`,
	next: 'Next',
	cookCard: 'Cook it: card and times',
	markCooked: 'Mark it cooked',
	thawingAt: ({ tempC }: { tempC: Shown }) => `Thawing in the refrigerator at ${tempC}:`,
	bendsIn: ({ duration }: { duration: Shown }) =>
		`bends in about ${duration}, free of ice in about`,
	neverThaws: 'it does not thaw through there.',
	thawing: 'Thawing',
	thawRule:
		'Until no ice is left at its coldest point, for one pack with air on every side; it bends when 70 % of the heat is in. Allow half as much again. On a tray, lowest shelf, when it is raw.',
	thickness: 'thickness',
	refrigerator: 'refrigerator'
};

export const freezerAnswers = {
	thatIsNotA:
		'That is not a pack code. Codes have five marks and never 0, O, 1, I, L, 2, Z, 5, S, 8, B, U or V; read it once more.',
	noSuchCode: ({ code }: { code: Shown }) => `No pack has the code ${code}.`
};

export const packDeeds = {
	agoBad: 'Minutes it was out: a number from 0 to 10080.',
	/** for the line that takes it back; `what` is a pack or how many of them */
	did: {
		cooked: ({ what }: { what: Shown }) => `${what}: cooked, out of the freezer.`,
		given: ({ what }: { what: Shown }) => `${what}: given away.`,
		discarded: ({ what }: { what: Shown }) => `${what}: discarded.`,
		missing: ({ what }: { what: Shown }) => `${what}: not there, taken off the list.`,
		moved: ({ what }: { what: Shown }) => `${what}: lies on another shelf.`,
		pulled: ({ what }: { what: Shown }) => `${what}: out to thaw.`,
		'put-back': ({ what }: { what: Shown }) => `${what}: back in the freezer.`,
		found: ({ what }: { what: Shown }) => `${what}: found in the freezer.`,
		refrozen: ({ what }: { what: Shown }) => `${what}: frozen again.`,
		'used-part': ({ what }: { what: Shown }) => `${what}: a part is used.`,
		split: ({ what }: { what: Shown }) => `${what}: split.`
	},
	markedFrozen: ({ what }: { what: Shown }) => `${what}: filled and in the freezer.`,
	packs: ({ n }: { n: number }) => `${many.packs(n)}`,
	changedMeanwhile:
		'This pack changed meanwhile, perhaps on another device. This is how it is now.',
	howMany: 'Servings used: write a whole number, at most what is in it.',
	intoHowMany: 'Split into how many? Write a number from 2 to 12.',
	notSoon: 'It may not be frozen again now; what to do is said below.',
	history: {
		reserved: 'label printed ahead',
		frozen: 'packed and frozen',
		moved: 'moved',
		pulled: 'taken out to thaw',
		'put-back': 'put back',
		refrozen: 'frozen again',
		'used-part': 'part used',
		split: 'split',
		cooked: 'cooked',
		given: 'given away',
		discarded: 'discarded',
		missing: 'not found at the count',
		found: 'found again at the count',
		'taken-back': 'taken back'
	}
};

export const packOtherwise = {
	title: 'Use a part, split, move, give away, discard',
	shelf: 'Shelf',
	move: 'Lay it there',
	give: 'It is given away',
	reason: 'Why is it discarded?',
	reasonHint: 'freezer-burnt, forgotten, not liked',
	discard: 'Discard it'
};

export const already = {
	title: 'What is there already · Almacen',
	heading: 'Write down what is there already',
	how: 'One thing after the other, Enter after each; what you leave open is filled with what is usual. Each gets a code: write it on the bag, or print labels for all of them at the end.',
	name: 'What is it',
	nameHint: 'a dish of yours gets its cook card; bread, peas or bones count as stock',
	nameMissing: 'What is it? A word or two is enough.',
	count: 'How many',
	servings: 'Servings in each',
	mass: 'Weight of each',
	when: 'Frozen',
	whenHint: 'a day, “about March”, or empty when nobody knows: then it is used first',
	whenBad:
		'Frozen: write a day, a month such as “about March”, or leave it empty. It cannot be still to come.',
	group: 'Keeps like',
	groupByName: 'as its name says',
	state: 'State',
	maker: 'Maker’s best-by',
	makerHint: 'for bought food: this date counts',
	bought: 'Bought on',
	cooked: 'Cooked on',
	more: 'More dates',
	shelf: 'Lies in',
	shelfMissing: 'Lies in: choose a shelf.',
	add: 'Write it down',
	saving: 'being written …',
	notSent: 'The server did not answer. Nothing is lost: send it again.',
	again: 'Correct it',
	codes: 'Code',
	done: ({ n }: { n: Shown }) => `Written down now (${n})`,
	labels: 'Print labels for these',
	useFirst: 'use first'
};

export const countUp = {
	title: 'Count up · Almacen',
	heading: 'Count up what is really there',
	how: 'Shelf by shelf: tick, scan or type what you see. Nothing changes until you settle the differences at the end; what you ticked stays on this device till then.',
	shelf: 'Shelf',
	nothing: 'By the list nothing lies here. Scan or type what you find.',
	code: 'Code, or scan it',
	add: 'It is there',
	camera: 'Scan with the camera',
	seen: ({ n, of }: { n: Shown; of: Shown }) => `${n} of ${of} seen`,
	there: 'there',
	differences: 'Differences',
	none: 'No differences so far.',
	missing: ({ n }: { n: Shown }) => `${n} on the list were not seen: they are taken off it.`,
	extra: ({ n }: { n: Shown }) =>
		`${n} seen here are not on this shelf’s list: they are put on it.`,
	allSeen: 'Tick all',
	settle: 'Settle the differences',
	settled: ({ missing, found, moved }: { missing: Shown; found: Shown; moved: Shown }) =>
		`Settled: ${missing} taken off the list, ${found} put back on it, ${moved} moved to this shelf.`,
	from: ({ shelf }: { shelf: Shown }) => `by the list: ${shelf}`
};

export const scan = {
	title: 'Scan a label · Almacen',
	heading: 'Scan a label',
	camera: 'Use the camera',
	stop: 'Stop the camera',
	view: 'What the camera sees',
	needsSecure:
		'The camera works in this page only over a secure connection (https). Take a photo of the code instead, or type it.',
	refused:
		'The camera is not allowed for this page. Allow it in the browser, take a photo of the code, or type it.',
	noCamera: 'No camera was found. Take a photo of the code, or type it.',
	photo: 'A photo of the code, or a picture file',
	looking: 'Looking for the code …',
	nothing:
		'No pack code in this picture. Come closer, hold it straight, wipe off the frost; or type the code.',
	notAPicture: 'This file could not be read as a picture. Choose a photo, or type the code.'
};

export const stockTable = {
	title: 'Tables in and out · Almacen',
	heading: 'What is frozen, as a table',
	outHow:
		'Every frozen pack, one line each. It can be opened in any spreadsheet and reads back here.',
	out: 'Save the table (CSV)',
	everything: 'Everything (JSON)',
	everythingHow: 'All that was ever entered, for safe keeping and moving, is under Household.',
	inHeading: 'Read a table in',
	inHow:
		'Paste a table or choose a file (CSV). The first line names the columns. Nothing is written before you have seen it.',
	paste: 'Table',
	file: 'Or a file',
	look: 'Look at it',
	columns: 'Which column is which',
	notThere: 'not in it',
	usualShelf: 'Lines without a shelf lie in',
	noShelf: ({ name }: { name: Shown }) =>
		`there is no shelf “${name}”: name it under Household, or leave it empty.`,
	line: ({ n, message }: { n: Shown; message: Shown }) => `Line ${n}: ${message}`,
	preview: ({ good, bad, there }: { good: number; bad: Shown; there: Shown }) =>
		`${many.lines(good)} can be read, ${bad} cannot; in the freezer already: ${there}.`,
	write: ({ n }: { n: number }) => `Write down ${many.lines(n)}`,
	writing: 'Writing …',
	written: ({ n }: { n: number }) => `${many.lines(n)} written down.`,
	empty: 'Paste a table first, or choose a file.',
	tooLong: 'That is more than 2,000 lines. Read it in parts.',
	heads: {
		code: 'Code',
		name: 'Name',
		state: 'Raw or cooked',
		servings: 'Servings',
		weight_g: 'Weight',
		count: 'How many',
		frozen_on: 'Frozen on',
		best_by: 'Best by',
		freezer: 'Freezer',
		shelf: 'Shelf'
	}
};
