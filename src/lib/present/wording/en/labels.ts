import * as many from '../count.ts';
import type { Shown } from '../shown.ts';

export const labelsPage = {
	title: 'Labels · Almacen',
	heading: ({ n, name }: { n: number; name: Shown }) => `${many.labels(n)}: ${name}`,
	none: 'No packs to print labels for',
	noneHint: 'Open a packing or choose packs in the freezer, then print from there.',
	paper: 'Paper',
	papers: {
		'letter-2x5': 'Letter, 2 × 5, 4 × 2 in',
		'letter-2x3': 'Letter, 2 × 3, 4 × 3⅓ in',
		'letter-badges': 'Letter, name badges 2 × 4, 3⅜ × 2⅓ in',
		'a4-2x4': 'A4, 2 × 4, 99.1 × 67.7 mm',
		'a4-2x7': 'A4, 2 × 7, 99.1 × 38.1 mm',
		'a4-3x7': 'A4, 3 × 7, 63.5 × 38.1 mm',
		'roll-50x30': 'Roll, 50 × 30 mm',
		'roll-57x40': 'Roll, 57 × 40 mm',
		'roll-62x50': 'Roll, 62 × 50 mm',
		'roll-76x51': 'Roll, 76 × 51 mm',
		'roll-102x76': 'Roll, 102 × 76 mm'
	},
	ownPaper: ({ name }: { name: Shown }) => `own: ${name}`,
	keepPaper: 'Use this paper next time',
	start: 'First free label on the sheet',
	oneSheet: 'Stays on one sheet.',
	moreSheets: ({ n }: { n: number }) => `Goes on over ${many.sheets(n)}.`,
	preview: 'As it will print',
	previewing: 'Drawing the pages …',
	previewFailed: 'The preview could not be drawn; the file itself can still be opened.',
	page: ({ n, of }: { n: Shown; of: Shown }) => `Page ${n} of ${of}`,
	open: 'Open the sheet (PDF)',
	byHand: 'Only codes and lines to write on by hand',
	atFullSize: 'Print at 100 %, not “fit to page”.',
	card: 'Cook-day card (PDF)',
	cardHint: 'Half a page to tape on, or to give away with a pack.',
	allOn: 'Everything is on every label.',
	leftOut: ({ code, parts }: { code: Shown; parts: Shown }) => `${code}: no room for ${parts}.`,
	leftOutAll: ({ parts }: { parts: Shown }) =>
		`No room on this paper for ${parts}. Larger labels have it.`,
	unprintable: ({ code, marks }: { code: Shown; marks: Shown }) =>
		`${code}: ${marks} cannot be printed and will be left blank. Write the name in Latin, Greek or Cyrillic letters, or by hand on the label.`,
	parts: {
		name: 'the name',
		'best-by': 'the best-by',
		contents: 'servings and weight',
		allergens: 'allergens',
		cooking: 'cooking times',
		'on-the-day': 'what to add on the day',
		caution: 'the caution',
		packed: 'the packing day',
		done: 'the temperature in the middle',
		'other-ways': 'ways of cooking that are not the best',
		'serve-with': 'what to serve with it',
		nutrition: 'energy and nutrients'
	},
	reprint: 'Only this one',
	stick: 'So that they last in the cold',
	stickHow: [
		'Stick labels on before filling, while the bag or lid is dry and warm; in the frost they fall off.',
		'Use labels with freezer adhesive. Ordinary ones hold under a strip of clear tape.',
		'Ink-jet print runs when it gets wet: tape over it, or write with a permanent marker.',
		'A card slipped between two bags, print outwards, never falls off.'
	],
	calibrate: 'The print is not where the labels are',
	calibrateHow:
		'Print the test page on plain paper, hold it against a sheet of labels to the light, and write how far its outlines lie off.',
	testPage: 'Test page (PDF)',
	right: 'Too far right, mm',
	low: 'Too low, mm',
	negative: 'negative: the other way',
	corrected: ({ x, y }: { x: Shown; y: Shown }) =>
		`Corrected now: ${x} mm to the right, ${y} mm down.`,
	correct: 'Correct the printer',
	offsetSaved: 'The correction is kept. Print the test page again to see that it is right.',
	paperSaved: 'This paper is used next time.',
	millimetres: ({ label }: { label: Shown }) => `${label}: write millimetres, such as 2.5.`,
	own: 'A paper of your own',
	ownName: 'Name',
	ownNameMissing: 'Name: what do you call this paper?',
	ownPage: 'Page',
	pages: { a4: 'A4 sheet', letter: 'Letter sheet', roll: 'roll' },
	width: 'Label width, mm',
	widthMissing: 'Label width: measure one label.',
	height: 'Label height, mm',
	heightMissing: 'Label height: measure one label.',
	columns: 'Columns',
	rows: 'Rows',
	left: 'Left edge, mm',
	top: 'Top edge, mm',
	columnGap: 'Gap between columns, mm',
	rowGap: 'Gap between rows, mm',
	tooBig: 'These labels do not go onto the page: check widths, gaps and edges.',
	keepOwn: 'Keep this paper',
	toPrinter: 'Print on the roll printer',
	printing: ({ n, of }: { n: Shown; of: Shown }) => `Printing ${n} of ${of} …`,
	printedAll: ({ n }: { n: number }) => `${many.labels(n)} printed.`,
	goOn: 'Go on',
	stop: 'Stop here',
	states: {
		'no-paper': 'The printer is out of paper. Put in a roll, then go on: nothing is printed twice.',
		slow: 'The printer takes its time. Go on when it is ready: nothing is printed twice.',
		silent:
			'The printer does not answer. Switch it on and see that it is connected, then go on: nothing is printed twice.',
		refused: 'The printer refused this label. Check its paper size, then go on.'
	}
};

export const labelsPdfAnswers = {
	noSuchSheet: 'No such label sheet.',
	startRange: ({ most }: { most: Shown }) => `The sheet has labels 1 to ${most}.`,
	noPacks: 'These packs are not there.',
	test: 'Test print',
	cards: ({ name }: { name: Shown }) => `Cook-day card: ${name}`,
	noSuchFreezer: 'This freezer is not there.',
	labels: ({ name }: { name: Shown }) => `Labels: ${name}`
};

export const labelContent = {
	useFirst: 'use first',
	packed: ({ day }: { day: Shown }) => `packed ${day}`,
	about: ({ day }: { day: Shown }) => `about ${day}`,
	contents: ({
		state,
		servings,
		pieces,
		mass,
		number,
		of
	}: {
		state: Shown;
		servings: number;
		/** "12 meatballs"; empty where it does not come in pieces */
		pieces: Shown;
		mass: Shown;
		number: Shown;
		of: Shown;
	}) =>
		[state, pieces, many.servings(servings), mass, `${number} of ${of}`]
			.filter(Boolean)
			.join(' · '),
	raw: 'RAW',
	frozen: 'frozen',
	thawed: 'thawed',
	thawFirst: 'thaw first',
	noBecause: ({ why }: { why: Shown }) => (why === '' ? 'no' : `no: ${why}`),
	/** why not, in two words; what is not here is a plain no */
	no: {
		'hours-in-danger': 'too slow',
		'hours-in-danger-worst': 'too slow',
		'thaw-first': 'thaw first',
		'reheat-fast-first': 'heat fast',
		'reheat-in-oven': 'use oven',
		'too-full': 'too full',
		'more-than-the-bowl': 'too full',
		'block-too-big': 'too big',
		'never-ready': 'too slow',
		'not-in-pressure-cooker': 'in a pan',
		'poor-in-slow-cooker': 'goes soggy',
		'fish-in-minutes': 'too long',
		'cut-in-pieces': 'cut up first',
		'thick-block': 'too thick',
		'glass-from-frozen': 'glass cracks',
		'not-on-hob': 'would burn',
		'bath-too-cool': 'too cool',
		'bath-slow': 'too slow'
	} as Partial<Record<string, string>>,
	onTheDay: ({ amounts }: { amounts: Shown }) => `On the day: ${amounts}`,
	serveWith: ({ what }: { what: Shown }) => `Serve with ${what}`,
	contains: ({ allergens }: { allergens: Shown }) => `Contains ${allergens}`,
	notAllKnown: 'Allergens not all known',
	own: 'own',
	liquidFirst: ({ amount }: { amount: Shown }) => `, ${amount} first`,
	hotLiquid: ({ amount }: { amount: Shown }) => `, ${amount} hot`,
	doneAt: ({ tempC }: { tempC: Shown }) => `Done at ${tempC} in the middle`,
	safeAndTender: ({ safe, tender }: { safe: Shown; tender: Shown }) =>
		`Safe at ${safe} in the middle, tender at ${tender}`,
	caution: 'Measure it. Thaw in the refrigerator. Local rules win where stricter.',
	bestBy: ({ day }: { day: Shown }) => `best by ${day}`,
	nutrition: ({
		energyKj,
		energyKcal,
		proteinG,
		fatG,
		carbohydrateG
	}: {
		energyKj: Shown;
		energyKcal: Shown;
		proteinG: Shown;
		fatG: Shown;
		carbohydrateG: Shown;
	}) =>
		`A serving: about ${energyKj} kJ (${energyKcal} kcal), protein ${proteinG} g, fat ${fatG} g, carbohydrate ${carbohydrateG} g`,
	testName: ({ n }: { n: Shown }) => `Test ${n}`,
	testOffset: ({ x, y }: { x: Shown; y: Shown }) => `right ${x} mm, down ${y} mm`,
	byHand: '__________',
	longByHand: '________________',
	blankContents: 'raw / cooked · ____ servings · ________'
};

export const labelLayout = {
	star: '* with care: see the cook card; own: from your own cooks. Times to set, the long end; pressure: at pressure.'
};

export const cookDayCard = {
	headings: {
		take: 'Take it out',
		cook: 'Cook it',
		add: 'Add on the day',
		serve: 'To go with it',
		mind: 'Mind'
	},
	thaw: ({ temp, time }: { temp: Shown; time: Shown }) =>
		`Free of ice after about ${time} in a refrigerator at ${temp}.`,
	thawOvernight: 'Thaw it in the refrigerator; thick packs need a day or more.',
	rawOnTray: 'Raw: on a tray, on the lowest shelf, so that nothing drips.',
	keeps: ({ days }: { days: number }) =>
		`Once thawed it keeps ${many.days(days)} in the refrigerator.`,
	done: ({ temp }: { temp: Shown }) =>
		`It is done at ${temp} in the middle of the thickest piece: measure.`,
	tender: ({ temp }: { temp: Shown }) => `That is safe; tender enough to pull it is at ${temp}.`,
	star: '* With care: first hour on high, or cook it another way. No: not this way.',
	packed: ({ day }: { day: Shown }) =>
		`Frozen on ${day}. Thawed in the refrigerator it may be frozen again; otherwise not.`,
	careful: 'More care for young children, in pregnancy, for older people and weak immune systems.'
};

export const contentsList = {
	under: ({ packs, servings, day }: { packs: number; servings: number; day: Shown }) =>
		`${many.packs(packs)}, ${many.servings(servings)} on ${day}. Use first at the top; tick off what you take.`,
	tick: 'Taken',
	pack: 'Pack',
	amount: 'Amount',
	bestBy: 'Best by',
	liesIn: 'Lies in',
	code: 'Code',
	servings: ({ n, mass }: { n: number; mass: Shown }) => `${many.servings(n)}, ${mass}`
};
