import * as many from '../count.ts';
import type { Shown } from '../shown.ts';

export const cool = {
	pageTitle: 'Cool · Almacen',
	running: ({ count }: { count: number }) =>
		count === 0 ? 'Nothing is cooling' : `${many.vessels(count)} cooling`,
	startCooling: 'Start cooling',
	empty: ({ rule }: { rule: Shown }) =>
		`${rule} Start a run for each pot, dish or tray; the forecast says at once whether it will make it where it stands, and what helps.`,
	reading: 'Reading',
	pack: 'Pack',
	ended: 'Ended',
	what: 'what',
	endedAt: 'ended',
	outcome: 'as measured and forecast',
	locked:
		'These clocks make no sound on a locked phone. Open a run to put its limits into the phone’s calendar.'
};

export const coolNew = {
	pageTitle: 'Start cooling · Almacen',
	heading: 'What is hot?',
	foodPart: 'The food',
	dish: 'Dish',
	somethingElse: 'something else',
	name: 'What is cooling',
	startTemp: 'Temperature now',
	startTempHint: ({ unit, boils }: { unit: Shown; boils: Shown }) =>
		`${unit}; just off the boil it is ${boils} here`,
	vesselPart: 'The vessel',
	vessel: 'Vessel',
	width: 'Width inside',
	depth: 'Depth of the food',
	depthHint: ({ unit }: { unit: Shown }) => `${unit}; or give the amount`,
	amount: 'or its amount',
	place: 'Stands in or on',
	ice: 'Ice in it',
	iceHint: 'empty: kept icy',
	lidOn: 'lid on',
	stirredOften: 'stirred often',
	notStarted: 'Not started yet: see the marked fields.',
	refrigeratorHint:
		'Nothing hot goes into a refrigerator deeper than a hand’s width: it warms what is beside it.',
	vesselPot: 'pot or bowl, round',
	vesselDish: 'dish, four corners',
	vesselTray: 'tray, spread thin',
	diameter: 'Diameter inside',
	length: 'Length inside',
	forecasting: 'Forecasting…',
	submit: 'Start the clock'
};

export const coolOne = {
	pageTitle: ({ name }: { name: Shown }) => `${name} cooling · Almacen`,
	ended: ({ at }: { at: Shown }) => `Ended ${at}.`,
	packIt: 'Pack it',
	goOn: 'Let it go on',
	thermometer: 'Thermometer',
	reading: 'Reading in the middle',
	noteReading: 'Note it',
	endRun: 'End the run',
	doubtful: 'doubtful',
	readings: 'Readings',
	noReadings: 'None yet. The forecast bends to what you measure.',
	at: 'at',
	inTheMiddle: 'in the middle',
	removeColumn: 'take out',
	removeReading: ({ reading }: { reading: Shown }) => `Take out the reading of ${reading}`,
	remove: 'Take out'
};

export const coolOneAnswers = {
	readingGone: 'This reading is gone already.'
};

export const coolingChecks = {
	name: 'What is cooling',
	nameMissing: 'What is cooling?',
	vessel: 'Vessel',
	vesselMissing: 'Vessel: pot, dish or tray?',
	length: 'Length or diameter',
	lengthMissing: 'Length or diameter: measure the inside.',
	width: 'Width',
	widthMissing: 'Width: measure the inside.',
	depth: 'Depth of the food',
	amount: 'Amount',
	depthOrAmount: 'Give the depth of the food, or how much it is.',
	temperatureNow: 'Temperature now',
	hotterThanBoiling: 'Food with water in it does not get hotter than that.',
	tempMissing: 'Temperature now: measure it, or take the boiling point for a dish off the boil.',
	place: 'Place',
	placeMissing: 'Place: where does it stand?',
	ice: 'Ice',
	reading: 'Reading',
	probeOutside: 'Is the probe in the food?',
	readingMissing: 'Reading: write what the thermometer shows.'
};

export const coolingPlate = {
	vessel: ({
		vessel,
		volume,
		depth,
		place
	}: {
		vessel: Shown;
		volume: Shown;
		depth: Shown;
		place: Shown;
	}) => `${vessel} · ${volume} · ${depth} deep · ${place}`,
	chart: ({ name, says }: { name: Shown; says: Shown }) => `Cooling curve of ${name}: ${says}`,
	iceNeeded: ({ mass }: { mass: Shown }) => `It takes about ${mass} of ice.`,
	notInTime: 'not within a day',
	title: 'How it cools',
	rule: ({ limits }: { limits: Shown }) =>
		`${limits} The curve is conduction through this footprint and depth, with the surroundings on its faces; the verdict counts with the unfavourable end: less heat taken off, a little thicker, a warmer place, no stirring inside.`,
	start: 'start',
	depth: 'depth of the food',
	amount: 'amount',
	place: 'place',
	kitchen: 'kitchen',
	refrigerator: 'refrigerator',
	lid: 'lid',
	stirred: 'stirred',
	clockStarts: ({ tempC }: { tempC: Shown }) => `${tempC} passed after`,
	firstGate: ({ tempC }: { tempC: Shown }) => `then at ${tempC} after`,
	secondGate: ({ tempC }: { tempC: Shown }) => `and at ${tempC} after`
};

export const gates = {
	title: 'What to do',
	onTheWay: 'Nothing: it is on its way.',
	helpIt: ({ temp, left }: { temp: Shown; left: Shown }) =>
		`As it stands it will not be at ${temp} in time. There are ${left} left to help it.`,
	helps: 'From here these still pass, the least work first:',
	noHelp:
		'None of the usual ways would be quick enough any more. Measure as the time ends: above the limit then, it is reheated once, or discarded.',
	computing: 'Looking for what still helps…',
	wayLine: ({ way, temp, time }: { way: Shown; temp: Shown; time: Shown }) =>
		`${way}: at ${temp} after ${time}`,
	ice: ({ mass }: { mass: Shown }) => `${mass} of ice`,
	measureNow: ({ temp }: { temp: Shown }) =>
		`The limit for ${temp} is here and nobody has measured. Measure in the middle now.`,
	reheat: ({ above, to }: { above: Shown; to: Shown }) =>
		`It was above ${above} as the two hours ended, and that was seen in time: reheat all of it to ${to} and cool it again, the quick way. This may be done once.`,
	reheated: ({ to }: { to: Shown }) => `It has been at ${to}: cool it again`,
	reheatingSince: ({ since, until, to }: { since: Shown; until: Shown; to: Shown }) =>
		`Reheating since ${since}: at ${to} throughout by ${until}.`,
	moved: 'I moved it',
	movedTo: ({ way }: { way: Shown }) => `I moved it: ${way}`,
	movedIt: 'Moved into another vessel or place?',
	whichWay: 'Choose how it cools from now on.',
	ended: 'This run has ended.',
	warmRefrigerator: ({ at, gate }: { at: Shown; gate: Shown }) =>
		`Your refrigerator is at ${at}: food in it comes near ${gate} and never to it in time. Set it colder, or end in ice.`,
	coolBy: 'Cool it by',
	discard: 'Discard it. Do not taste it.',
	whySeenLate: ({ temp }: { temp: Shown }) =>
		`It was above ${temp} when its two hours ended, and that was seen too late.`,
	whyReheatLate: ({ temp }: { temp: Shown }) => `It was not at ${temp} again within two hours.`,
	whySixHours: ({ temp }: { temp: Shown }) => `It was not at ${temp} within six hours.`,
	fourHours: ({ tempC }: { tempC: Shown }) => `It was not at ${tempC} within its four hours.`,
	whyReheated: 'It was reheated once already and missed the limit again.',
	discarded: 'It is discarded',
	cold: ({ temp }: { temp: Shown }) => `It is cold. Pack it, or keep it at ${temp} or below.`,
	coldForecast: 'By the forecast it is cold. Measure once in the middle, then pack it.',
	decided: ({ what, at, temp }: { what: Shown; at: Shown; temp: Shown }) =>
		`${what} at ${at}, ${temp}`,
	deeds: { reheated: 'Reheated', discarded: 'Discarded', moved: 'Moved' },
	reheatOf: 'Cooled again after reheating.',
	rule: 'The rule: US FDA Food Code 2022, 3-501.14. Your local food-safety authority leads where it is stricter.',
	compare: 'Compare ways to cool it',
	comparing: 'Computing each way…',
	compareTitle: 'Ways to cool it, the least work first',
	way: 'Way',
	verdict: 'Outcome',
	coldAfter: ({ temp }: { temp: Shown }) => `At ${temp} after`,
	takes: 'Takes',
	startThis: 'Start',
	startWay: ({ way }: { way: Shown }) => `Start: ${way}`,
	proposed: 'least work that passes',
	tooMuch: ({ litres }: { litres: Shown }) =>
		`more than the refrigerator takes at once (about ${litres})`,
	vessels: ({ count, depth }: { count: Shown; depth: Shown }) => `${count} × ${depth} deep`,
	never: 'not within a day',
	record: 'Cooling record',
	readingsCount: ({ count }: { count: number }) => `${many.readings(count)}`,
	notPackable:
		'This food missed a cooling limit and is to be discarded: it cannot be packed. If a reading was wrong, take it out of the cooling record first.'
};

export const probes = {
	empty: 'The file is empty. It needs a line for each reading: time and temperature.',
	noColumns:
		'No columns for time and temperature were found. Name them “time” and “temperature” in the first line, or write minutes since the start under “minutes”.',
	badTemp: ({ cell }: { cell: Shown }) => `“${cell}” is no temperature.`,
	badTime: ({ cell }: { cell: Shown }) =>
		`“${cell}” is no time. Write 2026-11-28 14:05, 14:05 or minutes.`,
	farTime: ({ cell }: { cell: Shown }) =>
		`“${cell}” lies more than a year from this run. Is the thermometer’s clock set?`,
	file: 'A thermometer’s file (CSV)',
	fileHint: 'Columns time and temperature. What is there already is not added twice.',
	readFile: 'Read it in',
	read: ({ count, twice }: { count: number; twice: Shown }) =>
		`${many.readings(count)} added; already there: ${twice}.`,
	problem: ({ line, message }: { line: Shown; message: Shown }) => `Line ${line}: ${message}`,
	noFile: 'Choose a file first.',
	follow: 'Follow a probe',
	none: 'no probe',
	followIt: 'Follow it',
	unreachable:
		'The thermometer does not answer. Readings by hand count all the same; when it is back, what it has kept is fetched.',
	notThere:
		'No thermometer is connected. Whoever set Almacen up can connect one: docs/thermometer.md says how. Until then, type what yours shows.',
	doubtful: ({ count }: { count: number }) =>
		`${many.readings(count)} cannot be of food here (hotter than boiling, or fallen at once): is the probe still in the middle? What is doubtful is kept, not counted. A reading by hand settles it.`,
	calendar: 'Both limits to the calendar',
	locked: 'Alarms of this page do not sound on a locked phone: put the limits into its calendar.',
	eventName: ({ name, temp }: { name: Shown; temp: Shown }) => `${name}: must be at ${temp} now`,
	eventText: ({ limit }: { limit: Shown }) => `Measure it in the middle. ${limit}`
};

export const startCoolingAnswers = {
	tooDeep:
		'Amount: that much in this footprint is not a depth a vessel has. Check the diameter or the litres.'
};
