import * as many from '../count.ts';
import type { Shown } from '../shown.ts';

export const menu = {
	pageTitle: 'Menu · Almacen',
	writeADish: 'Write a dish',
	empty:
		'Start with the dish on the stove: paste its ingredients, say what kind it is and how its recipe cooks it. Cooling, labels and cooking times follow from that.',
	search: 'Search by name',
	choose: 'choose',
	chooseNamed: ({ dish }: { dish: Shown }) => `choose ${dish}`,
	picture: 'picture',
	columns: {
		name: 'dish',
		last: 'last packed',
		hands: 'hands + pot',
		cost: 'a serving',
		frozen: 'in the freezer'
	},
	servingsOf: ({ n }: { n: number }) => many.servings(n),
	noneFound: 'No dish is called that.',
	pastDays: 'Days before',
	unread: ({ lines }: { lines: number }) => `${many.lines(lines)} kept as text`,
	dishes: ({ n }: { n: number }) => many.dishes(n),
	noneChosen: 'Choose the dishes first: tick them in the list.',
	onWhichDay: 'On which packing day',
	newDay: 'a new day',
	putOn: ({ n }: { n: number }) => `Put ${many.dishes(n)} on it`
};

export const dishPicture = {
	tooLarge: 'The photo is too large: choose it again, this screen makes it smaller.',
	notAPicture: 'That is no photo this application can read: choose a JPEG, PNG or WebP.',
	add: 'Photo',
	remove: 'Take the photo away'
};

export const menuNew = {
	pageTitle: 'Write a dish · Almacen',
	heading: 'Write a dish',
	save: 'Save the dish'
};

export const menuOne = {
	forServings: ({ n }: { n: number }) => `For ${many.servings(n)}`,
	lastTime: ({ day }: { day: Shown }) => `Last time, ${day}:`,
	method: 'The method as written',
	protein: 'g protein',
	costs: 'cost',
	onADay: 'On a packing day',
	pageTitle: ({ name }: { name: Shown }) => `${name} · Almacen`,
	leave: 'Leave as it was',
	save: 'Save the changes',
	change: 'Change',
	remove: 'Take it off the menu',
	contents: ({ servings, kind }: { servings: number; kind: Shown }) =>
		`${many.servings(servings)} · ${kind}`,
	facts: 'What follows from it',
	core: 'Core',
	contains: 'Contains:',
	allergensHint: 'Read from the lines; check the packets.',
	about: ', about',
	toFreeze: 'to freeze',
	recipe: ({ instruction }: { instruction: Shown }) => `Its recipe: ${instruction},`,
	noInstruction: 'No cooking instruction: times come from its kind.',
	onTheDay: ({ amounts }: { amounts: Shown }) => `On the day: ${amounts}`,
	next: 'Next',
	coolIt: 'Cool it',
	packIt: 'Pack it',
	partCooked:
		'Meat that is only browned may not be frozen: cook it through first, or leave it raw.',
	coreTemperature: 'Core temperature',
	coreRule:
		'The highest of what is in it; a cooked dish counts as leftovers. Measure in the thickest part.',
	countsAs: 'counts as',
	noAllergens: 'none of the named allergens found',
	composition: 'Composition',
	compositionRule:
		'The sum of its frozen lines, by weight. It gives heat capacity, conductivity and freezing.',
	compositionAssumed:
		'Too few of its lines have a known weight, so a dish of this kind was assumed.',
	knownLines: 'lines with known weight',
	compositionOwn: 'Composition from its lines',
	compositionUsual: ({ kind }: { kind: Shown }) => `Composition of a usual ${kind}`
};

export const dishForm = {
	theDish: 'The dish',
	name: 'Name',
	servings: 'Servings',
	state: 'Goes into the freezer',
	kind: 'Kind',
	lines: 'Ingredients, one a line',
	linesHint: 'Any units. Write “on the day” or “to serve” behind a line that is not frozen.',
	method: 'Method, a few lines',
	toAddOnThe: 'To add on the day',
	pieces: 'Comes in pieces (optional)',
	piecesHint: 'how many a batch makes: 40 meatballs. Empty: as the method says',
	addOnDayHint: 'goes on the label: 120 mL cream, stirred in at the end',
	instructionPart: 'What its recipe says about cooking',
	instructionHint:
		'One instruction is enough; the other appliances are worked out from it. None is fine too.',
	appliance: 'Appliance',
	noInstruction: 'no instruction',
	setting: 'Setting',
	oven: 'Oven',
	from: 'From',
	timeFrom: 'Time from',
	hMinH: '6 h, 25 min, 1 h 30',
	to: 'to',
	toHint: 'same if one time',
	notSaved: 'Not saved yet: see the marked fields. Everything typed is still here.',
	understood: 'As it is understood',
	reading: 'Reading the lines…',
	tooLong: 'Too long to read as one dish.',
	noLines: 'Lines appear here as you type: quantity, unit, item and cut.',
	cooked: 'cooked, cooled first',
	raw: 'raw, to be cooked later',
	kindHint: 'how its doneness is judged',
	slowCooker: 'slow cooker',
	pressureCooker: 'pressure cooker',
	ovenCovered: 'oven',
	lid: 'In the oven',
	lidOn: 'covered',
	lidOff: 'uncovered, in one layer',
	low: 'low',
	high: 'high',
	fresh: 'fresh, just put together',
	thawed: 'thawed, from the refrigerator',
	frozenSolid: 'frozen solid',
	saving: 'Saving…'
};

export const dishChecks = {
	pieces: 'Pieces: write how many of what, 40 meatballs.',
	linesMissing: 'Ingredients: paste or type at least one line.',
	linesTooLong: ({ most }: { most: Shown }) =>
		`Ingredients: that is more than one recipe (at most ${most} characters). Paste the ingredient lines of one dish; nothing was saved yet.`,
	tooManyLines: ({ most }: { most: number }) =>
		`Ingredients: at most ${many.lines(most)}. Split the dish in two.`,
	timeTo: 'Time to',
	lid: 'In the oven',
	appliances: {
		'slow-cooker': 'a slow cooker',
		'pressure-cooker': 'a pressure cooker',
		oven: 'an oven'
	},
	timePossible: ({
		label,
		appliance,
		least,
		most
	}: {
		label: Shown;
		appliance: Shown;
		least: Shown;
		most: Shown;
	}) =>
		`${label}: ${appliance} takes from ${least} to ${most}. Write the unit, such as 8 h or 45 min.`,
	timeOrder: 'Time to: not shorter than the time before it.',
	lineTooLong: ({ line, most }: { line: Shown; most: Shown }) =>
		`Ingredients: line ${line} is longer than ${most} characters. Is it several lines in one? Break it where the next ingredient begins.`,
	name: 'Name',
	nameMissing: 'Name: what is it called?',
	servings: 'Servings',
	servingsMissing: 'Servings: how many does the recipe feed?',
	kind: 'Kind',
	kindMissing: 'Kind: choose the one that comes nearest.',
	state: 'Raw or cooked',
	stateMissing: 'Raw or cooked: how does it go into the freezer?',
	method: 'Method',
	addOnDay: 'To add on the day',
	appliance: 'Appliance',
	setting: 'Setting',
	settingMissing: 'Setting: low or high?',
	oven: 'Oven',
	ovenMissing: 'Oven: at what temperature?',
	instructionState: 'From',
	instructionStateMissing: 'From: does the recipe start thawed, frozen or fresh?',
	timeFrom: 'Time from',
	timeMissing: 'Time: how long does the recipe say?'
};

export const dishCare = {
	title: 'Freezer check',
	fine: 'Nothing in the pack freezes badly, as far as it is known.',
	reasons: {
		'dairy-separates': 'separates and turns grainy',
		'egg-white-rubbery': 'the white turns rubbery',
		'potato-mealy': 'turns soft and mealy',
		'pasta-mushy': 'turns mushy when it was cooked soft',
		limp: 'turns limp and watery',
		'thickener-weeps': 'the thickened sauce weeps or curdles',
		'mayonnaise-separates': 'separates',
		'fried-soggy': 'turns soggy'
	},
	proposals: {
		'cook-day': 'Keep it back for the day',
		serve: 'Add it when serving',
		'cook-short': 'Cook it short of done',
		'other-form': 'Freeze it cooked or mashed, or thicken with waxy-rice flour',
		'freeze-anyway': 'Freeze it in: house rule'
	},
	shortNote: 'boiled short of done',
	partCooked: 'Not allowed: meat only browned now and finished another day.',
	partCookedHow: ({ sentence }: { sentence: Shown }) =>
		`“${sentence}” Cook it through before freezing, or leave it raw in the pack.`,
	nutrition: 'Energy and nutrients, approximate',
	perServing: ({ kj, kcal }: { kj: Shown; kcal: Shown }) => `${kj} kJ (${kcal} kcal) a serving`,
	grams: ({
		protein,
		fat,
		carbohydrate,
		fibre
	}: {
		protein: Shown;
		fat: Shown;
		carbohydrate: Shown;
		fibre: Shown;
	}) => `protein ${protein} g, fat ${fat} g, carbohydrate ${carbohydrate} g, fibre ${fibre} g`,
	nutritionRule:
		'Sum of the lines’ compositions, raw, divided by servings; nothing lost or gained in cooking. Energy by the general Atwater factors.',
	knownLines: 'lines with known weight',
	notes: 'Notes',
	newNote: 'What to do otherwise next time',
	keepNote: 'Keep the note',
	noteNeeded: 'Write a note first.',
	asJson: 'as a recipe file (JSON)',
	asText: 'as text',
	scale: 'Scale it',
	scaleServings: 'Servings',
	scaleByMeat: ({ item }: { item: Shown }) => `or by the ${item} you have`,
	scaled: ({ servings }: { servings: number }) => `For ${many.servings(servings)}`,
	whole: ({ from }: { from: Shown }) => `instead of ${from}`,
	scaleBad: 'Write a number of servings, or a weight such as 1.3 kg.',
	allergensField: 'Contains, as you know it',
	allergensKeep: 'Correct it',
	allergensAsRead: 'As the lines say',
	allergensCorrected: 'corrected by hand',
	versions: 'Earlier versions',
	versionUntil: ({ day, name, lines }: { day: Shown; name: Shown; lines: number }) =>
		`until ${day}: ${name}, ${many.lines(lines)}`,
	versionBack: 'Make it so again',
	component: 'Part of other dishes',
	componentHow: 'Its packs count as this item on shopping lists',
	componentUnknown: 'The catalogue has no such item: choose one of its names.',
	componentNone: 'no: a dish of its own',
	componentKeep: 'Keep'
};

export const linesEditor = {
	how: 'Correct what was misread; it is kept with the line.',
	item: 'item',
	cut: 'cut',
	where: 'where',
	form: 'comes',
	optional: 'optional',
	alternatives: 'or',
	unknown: 'not in the catalogue',
	noForm: '–',
	forms: { raw: 'raw', cooked: 'cooked', canned: 'canned', frozen: 'frozen' },
	of: ({ what, line }: { what: Shown; line: Shown }) => `${what} of “${line}”`,
	reset: 'As it was read',
	change: ({ line }: { line: Shown }) => `Change how “${line}” is understood`
};

/** What of a line is not certain, and its answers. */
export const doubts = {
	title: ({ n }: { n: number }) => `To settle: ${many.lines(n)}`,
	how: 'Until it is said what they are, these lines count as the stricter case: as raw meat in a raw pack, with allergens not all known.',
	what: {
		unknown: () => 'not known: what is it?',
		perhaps: ({ item }: { item: Shown }) => `${item}?`,
		amount: () => 'how much is that?',
		weight: () => 'what does it weigh?',
		'dried-or-cooked': () => 'dried, or cooked?'
	},
	yes: ({ item }: { item: Shown }) => `yes, ${item}`,
	dried: 'dried: soaked and boiled first',
	cooked: 'cooked, or from a can',
	weightOpen: 'leave it open',
	classes: {
		'other vegetable or fruit': 'vegetable',
		'other seasoning or sauce': 'seasoning',
		'other grain or bread': 'grain',
		'other dairy': 'dairy',
		'raw meat': 'raw meat',
		poultry: 'raw poultry',
		'white fish': 'raw fish'
	},
	itIs: 'or name it',
	weighs: 'it weighs',
	itIsOf: ({ line }: { line: Shown }) => `What “${line}” is`,
	weighsOf: ({ line }: { line: Shown }) => `What “${line}” weighs`,
	of: ({ line }: { line: Shown }) => `Answers for “${line}”`,
	take: 'Take it',
	noItem: ({ words }: { words: Shown }) =>
		`“${words}” is not in the catalogue either: choose the class it belongs to.`,
	noWeight: 'A weight, as “250 g” or “½ lb”.',
	save: 'Keep these answers',
	saved: 'Kept.',
	partly: 'Until then its weight is without:',
	unread: 'Not read:',
	notAllKnown: 'not all known',
	notAllKnownWhy: 'A line was not read, so more may be in it. Say what it is, and this goes.',
	checkPackets: ({ items }: { items: Shown }) => `Check the packets of: ${items}.`,
	asRawMeat: 'Counts as raw meat with the shortest keeping time, because a line of it was not read.'
};

export const linesTable = {
	howMuch: 'how much',
	item: 'item',
	cut: 'cut',
	where: 'where',
	keptAsText: 'kept as text',
	open: 'open',
	noWeight: 'weight not known'
};

export const recipeImport = {
	emptyFile: 'It is empty.',
	noLines: 'No ingredient line was found in it.',
	nameless: 'Recipe without a name',
	besideList: ({ line }: { line: Shown }) => `Also named on the page, beside its list: ${line}`,
	several: ({ n }: { n: number }) =>
		`${many.recipes(n)} found in it, each kept as a dish of its own: look whether they are parted where they should be.`,
	badJson: ({ why }: { why: Shown }) => `This is not readable JSON: ${why}.`,
	noRecipe: 'There is no schema.org Recipe in it.',
	noRecipeInPage: 'The page holds no schema.org Recipe. Copy its text and paste that instead.',
	pageTitle: 'Read recipes in · Almacen',
	title: 'Read recipes in',
	how: 'Paste a recipe’s text, a page’s HTML, or choose files (.json with schema.org recipes, .html, .txt). Kind, state and instruction are guessed; correct them on the dish.',
	paste: 'Paste here',
	files: 'or choose files',
	read: 'Read them in',
	reading: ({ done, all }: { done: Shown; all: number }) => `${done} of ${many.recipes(all)}`,
	done: ({ n }: { n: number }) =>
		`${many.dishes(n)} ${many.plural(n, { one: 'is', other: 'are' })} on the menu.`,
	report: 'What was not understood',
	clean: 'Nothing else was left out.',
	cutOff: ({ dish, most }: { dish: Shown; most: number }) =>
		`${dish}: has more than ${many.lines(most)}; the others were left out.`,
	askState: 'Does it go into the freezer raw, or cooked and cooled first?',
	stateRaw: 'raw',
	stateCooked: 'cooked',
	askServings: 'For how many is it?',
	ofDish: ({ what, dish }: { what: Shown; dish: Shown }) => `${dish}: ${what}`,
	allUnderstood: 'Every line of it was understood.',
	look: 'Look at it',
	tookTooLong:
		'It took too long to read and was given up. Copy the text of the recipe alone, without the page around it, and paste that.',
	nothing: 'Paste something, or choose a file.',
	failed: 'The server did not take it. Try again; what was pasted is still here.',
	guessed: ({ kind, state }: { kind: Shown; state: Shown }) => `${kind}, ${state}`
};

export const steps = {
	title: 'Steps',
	how: ({ hands, all }: { hands: Shown; all: Shown }) =>
		`About ${hands} of hands’ work, ${all} in a row. Proposed from lines and method (judgement); correct what you know better.`,
	none: 'Nothing to do was found in its lines and method. Write the method as sentences.',
	glance: ({ hands, all }: { hands: Shown; all: Shown }) =>
		`${hands} of hands, ready for the freezer after ${all}; proposed from lines and method (judgement).`,
	correct: 'Correct them',
	done: 'Leave it',
	text: 'work',
	minutes: 'min',
	hands: 'hands',
	place: 'at',
	after: 'after steps',
	afterThese: ({ steps }: { steps: Shown }) => `after ${steps}`,
	afterNone: 'waits for none',
	sentence: ({ sentence }: { sentence: Shown }) => `“${sentence}.”`,
	goesIn: ({ lines }: { lines: Shown }) => `With ${lines}.`,
	waitMost: 'waits at most',
	waitAny: 'any',
	waitHow:
		'The number in grey is usual for this kind of work. Meat that has met heat, and cut raw meat, may wait less, never longer.',
	cookDay: ({ sentences }: { sentences: Shown }) =>
		`For the day it is cooked, not for the packing day: ${sentences}.`,
	up: ({ step }: { step: Shown }) => `Move up: ${step}`,
	down: ({ step }: { step: Shown }) => `Move down: ${step}`,
	moveIt: ({ step, n }: { step: Shown; n: Shown }) =>
		`Step ${n}, ${step}: drag it, or Alt and arrows`,
	moveHow: 'Drag, or Alt with an arrow key',
	of: ({ what, step }: { what: Shown; step: Shown }) => `${what}: ${step}`,
	remove: ({ step }: { step: Shown }) => `Take out: ${step}`,
	add: 'Another step',
	newStep: 'new step',
	keep: 'Keep these steps',
	anew: 'Propose them anew',
	bad: 'Every step needs words and minutes. Nothing was changed.',
	places: {
		board: 'board',
		burner: 'burner',
		oven: 'oven',
		'pressure-cooker': 'pressure cooker',
		'slow-cooker': 'slow cooker',
		microwave: 'microwave',
		bowl: 'bowl',
		sink: 'sink',
		none: 'anywhere'
	}
};
