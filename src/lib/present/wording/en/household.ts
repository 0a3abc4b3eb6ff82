import * as many from '../count.ts';
import type { Shown } from '../shown.ts';

export const household = {
	sections: 'Sections of the household',
	parts: {
		kitchen: 'Kitchen and habits',
		appliances: 'Appliances',
		freezers: 'Freezers',
		containers: 'Containers',
		rules: 'House rules',
		measure: 'Measure',
		copies: 'Copies and files',
		device: 'Devices and programs'
	},
	pageTitle: 'Household · Almacen',
	heading: 'The household',
	measure: 'Measure the appliances',
	saveKitchen: 'Save the kitchen',
	saved: 'Saved.',
	saveAppliances: 'Save the appliances',
	appliancesEffect:
		'Packs made from now on are computed with these; packs in the freezer keep what their label says.',
	freezers: 'Freezers',
	noFreezer: 'None yet: packs need a place to lie.',
	freezer: 'freezer',
	room: 'room',
	setTo: 'set to',
	change: 'change',
	changeNamed: ({ name }: { name: Shown }) => `Change ${name}`,
	changeFreezer: 'Change',
	takeOutNamed: ({ name }: { name: Shown }) => `Take ${name} out of use`,
	takeOut: 'Take out',
	leave: 'Leave as it was',
	safeCopies: 'Safe copies',
	copiesHow:
		'One is made every day and whenever the application is closed properly; the last ten and one of each day for a month stay in the data folder, under',
	lastCopy: 'The last one was made',
	copiesKept: ({ size, count }: { size: Shown; count: Shown }) => `(${size}); ${count} are kept.`,
	noCopy: 'None yet.',
	made: 'Made.',
	restoreHow: 'Where the application does not start any more: close it, then',
	allCopies: 'Go back to one',
	seeChanges: 'See what it changes',
	seeChangesOf: ({ when }: { when: Shown }) => `See what going back to the copy of ${when} changes`,
	seeing: 'Trying it out…',
	tryingScreens: ({ shown, of }: { shown: Shown; of: Shown }) =>
		`Trying it out, screen ${shown} of ${of}…`,
	changes: {
		title: ({ when }: { when: Shown }) => `As it was ${when}`,
		how: 'It was read into a database of its own and every page shown from it: it holds.',
		kind: 'What',
		now: 'Here now',
		then: 'Afterwards',
		goes: ({ names }: { names: Shown }) => `goes: ${names}`,
		comes: ({ names }: { names: Shown }) => `comes: ${names}`,
		more: ({ n }: { n: number }) => `and ${n} more`,
		same: 'the same',
		putBack: 'Put it in place of what is here',
		kinds: {
			dishes: 'Dishes',
			packs: 'Packs in the freezer',
			runs: 'Cooling runs',
			days: 'Packing days',
			cooks: 'Cooks written down',
			meals: 'Meals in the weeks',
			prices: 'Prices',
			readings: 'Temperature readings'
		}
	},
	exportTitle: 'Everything as one file',
	exportHow:
		'Dishes, cooling runs, packs and settings, in an open format to keep or to take elsewhere.',
	exportNow: 'Export everything',
	importTitle: 'Read a file back: it replaces everything here',
	importHow: 'A safe copy of what is here now is made first.',
	signOutAll: 'Sign all of them out',
	signedOut: 'All are signed out.',
	thisDevice: 'This device',
	look: 'Light or dark',
	addFreezerTitle: 'Add a freezer',
	saveFreezer: 'Save the freezer',
	addFreezer: 'Add the freezer',
	copying: 'Copying…',
	copyNow: 'Make one now',
	reading: 'Reading…',
	lookDevice: 'as the device is set',
	light: 'light',
	dark: 'dark'
};

export const householdRules = {
	labelNutrition: 'Energy and nutrients on the labels of new packs',
	pageTitle: 'House rules · Almacen',
	heading: 'House rules',
	yourChoices: 'Your choices',
	leads: 'On lists and labels leads',
	houseMonths: 'Months where no figure is published',
	houseMonthsHint: 'cooked grains and pulses alone, soft dairy; empty: no date is computed',
	yourLimits: 'Your limits',
	limitsHint: ({ rule }: { rule: Shown }) => `They can be tightened, never loosened. ${rule}`,
	firstGate: 'First gate within',
	firstGateHint: '1 h to 2 h',
	secondGate: 'Second gate within',
	secondGateHint: '3 h to 6 h',
	danger: ({ range }: { range: Shown }) => `In a slow cooker, between ${range} at most`,
	dangerHint: '1 h to 4 h, for the worst part of meat or cooked food',
	core: 'Added to every core temperature',
	coreHint: ({ unit }: { unit: Shown }) => `${unit}; 0: as published`,
	save: 'Save the rules',
	saved: 'Saved.',
	effect: ({ standing }: { standing: Shown }) =>
		`Cooling verdicts follow at once; cook cards and dates of packs made from now on. ${standing}`,
	differTitle: 'Where cooks differ, and what is done here',
	lowEnd: 'the low end of the published range',
	highEnd: 'the high end of the published range'
};

export const householdAnswers = {
	fileMissing: 'File: choose an exported file.'
};

export const householdChecks = {
	timeZone: 'Time zone',
	timeZoneUnknown: 'Time zone: not one that is known; write it as Europe/Zurich.',
	units: 'Units',
	unitsMissing: 'Units: metric or US?',
	temperature: 'Temperature',
	temperatureMissing: 'Temperature: °C or °F?',
	currency: 'Currency: choose one from the list.',
	clock: 'Clock',
	clockMissing: 'Clock: 18:30 or 6:30 pm?',
	dates: 'Dates',
	datesMissing: 'Dates: in which order?',
	altitude: 'Altitude',
	altitudeMissing: 'Altitude: 0 at the sea; it sets where water boils.',
	kitchen: 'Kitchen',
	kitchenMissing: 'Kitchen: its usual temperature.',
	refrigerator: 'Refrigerator',
	refrigeratorMissing: 'Refrigerator: its usual temperature.',
	bowlPart: ({ cooker, part }: { cooker: Shown; part: Shown }) => `${cooker}: bowl ${part}`,
	bowl: ({ cooker }: { cooker: Shown }) => `${cooker}: bowl`,
	slowCooker: 'Slow cooker',
	slowCookerMissing: 'Slow cooker: its size.',
	slowCookerLow: 'Slow cooker on low',
	slowCookerHigh: 'Slow cooker on high',
	pressureCooker: 'Pressure cooker',
	pressureCookerMissing: 'Pressure cooker: its size.',
	pressurePower: 'Pressure cooker power',
	onlyTighter: ({ label }: { label: Shown }) => `${label}: it can be tightened, not loosened;`,
	leads: 'On the label',
	leadsMissing: 'On the label: which end?',
	houseMonths: 'House months',
	firstGate: 'First gate',
	firstGateMissing: 'First gate: how long at most?',
	secondGate: 'Second gate',
	secondGateMissing: 'Second gate: how long at most?',
	dangerMissing: 'Slow cooker: how long at most?',
	coreTemperatures: 'Core temperatures',
	coreMissing: 'Core temperatures: 0 adds nothing.',
	freezer: 'Freezer',
	freezerMissing: 'Freezer: what do you call it?',
	room: 'Room',
	roomMissing: 'Room: how much does it hold?',
	setTo: 'Set to',
	setToMissing: ({ tempC }: { tempC: Shown }) => `Set to: usually ${tempC}.`,
	shelves: 'Shelves',
	shelvesMissing: 'Shelves: at least one name, one a line.'
};

export const kitchenFields = {
	habitPart: 'Amounts, days and clock',
	units: 'Units',
	temperature: 'Temperature',
	clock: 'Clock',
	dates: 'Dates',
	timeZone: 'Time zone',
	timeZoneHint: 'continent and town: Europe/Zurich, America/Denver',
	habitHint: 'Any field takes either: 1½ lb, 700 g, 2 cups, 350 °F. This is how they are shown.',
	kitchenPart: 'The kitchen',
	altitude: 'Altitude',
	kitchen: 'Kitchen',
	kitchenHint: 'usual temperature',
	refrigerator: 'Refrigerator',
	refrigeratorHint: 'a thermometer in a glass of water knows',
	metric: 'grams, litres, centimetres',
	us: 'pounds, cups, inches',
	clock12: '6:30 pm',
	dayFirst: '14 Oct 2026',
	currency: 'Currency',
	noCurrency: 'plain numbers',
	monthFirst: 'Oct 14, 2026',
	boilsAt: ({ tempC }: { tempC: Shown }) => `; water boils at ${tempC} there`
};

export const applianceFields = {
	owned: 'What this kitchen cooks in',
	ownedNone: 'Tick at least one appliance: there must be something to cook in.',
	microwaveW: 'Microwave, printed output',
	microwaveHint: 'W; empty: 800',
	boilL: 'Burner on high: cold water',
	boilHint: 'so much in a lidded pot; empty: as usual',
	boilMin: 'boils after',
	boilMinHint: 'from switching on to a rolling boil',
	boilBoth: 'Burner on high: write both the water and its minutes, or neither.',
	oven: 'Oven',
	preheat: 'Minutes until it is hot',
	preheatHint: 'counted before food goes in; empty: 12',
	slowCooker: 'Slow cooker',
	slowCookerSize: 'Slow cooker holds',
	powerOnLow: 'Power on low',
	powerLowHint: 'W into the food; empty: as usual for its size',
	powerOnHigh: 'Power on high',
	powerHighHint: 'W; the plate’s figure is about 1.3 times it',
	pressureCooker: 'Pressure cooker',
	pressureCookerSize: 'Pressure cooker holds',
	pressurePower: 'Its power',
	pressurePowerHint: 'W, on the plate below; empty: 900 W'
};

export const bowlFields = {
	legend: 'Its bowl, inside: says whether a frozen block goes in',
	drawing: 'What to measure of a bowl',
	shape: 'Shape',
	notMeasured: 'not measured',
	ovalLength: 'A, long way',
	ovalWidth: 'B, short way',
	depth: 'C, depth',
	roundDiameter: 'A, across',
	round: 'round',
	oval: 'oval'
};

const counted = (cooks: number) => many.count(cooks, { one: 'cook', other: 'cooks' });

export const measure = {
	reading: 'Reading what your cooks say of your appliances …',
	learned: 'From your own cooks',
	learnedPace: ({
		appliance,
		n,
		percent,
		from,
		to
	}: Record<'appliance' | 'percent' | 'from' | 'to', Shown> & { n: number }) =>
		`${appliance}: ${counted(n)} with a measured core: it takes ${percent} of the computed time, four in five of its next cooks ${from} to ${to}.`,
	learnedHow: ({ least }: { least: number }) =>
		`One log in ten is taken for wrong; from ${least} cooks on it is offered, and can be taken back.`,
	toLearn: 'Look at them in Learn',
	learnedNone:
		'No cook was written down yet whose measured core says something of the slow cooker or oven: mark a pack cooked on the Table and write how it went.',
	title: 'Measure your appliances',
	pageTitle: 'Measure · Almacen',
	why: 'Two slow cookers of one size differ by a third. A simple test narrows every time that is computed with yours.',
	household: 'The household',
	slowCooker: 'Slow cooker: the water test',
	slowHow:
		'Cold water, lid on, LOW. After some hours lift the lid for a moment and measure in the middle.',
	water: 'Water',
	waterStart: 'Cold water was at',
	hours: 'After',
	waterNow: 'It is now at',
	useIt: 'Use it',
	slowFound: ({ low, usual }: { low: Shown; usual: Shown }) =>
		`On low it puts ${low} W into the pot; usual for its size: ${usual} W.`,
	slowNone:
		'Water now: no slow cooker of this size does that. Was the lid on, the setting LOW, the thermometer in the water?',
	measured: 'measured',
	notMeasured: 'not measured: as usual for its size',
	pressureCooker: 'Pressure cooker: the come-up',
	pressureHow: 'Cold water only, lid locked. Count from switching on until it is at pressure.',
	comeUp: 'At pressure after',
	pressureFound: ({ power }: { power: Shown }) => `Its power is about ${power} W.`,
	pressureNone:
		'At pressure after: no pressure cooker of this size does that. Was it only water, and cold?',
	oven: 'Oven: the true air',
	ovenHow:
		'Set it, wait half an hour, and read an oven thermometer in the middle of the empty oven.',
	ovenSet: 'Set to',
	ovenTrue: 'The thermometer says',
	ovenFan: 'a fan moves the air',
	ovenFound: ({ offset }: { offset: Shown }) => `Its air is ${offset} against what is set.`,
	ovenSame: 'Its air is what is set.',
	needed: ({ label }: { label: Shown }) => `${label}: measure it.`,
	newPacks:
		'Packs made from now on are computed with it; cards of packs in the freezer keep what was known then.'
};

export const backup = {
	notJson: 'This is not an exported file: it is not JSON. Nothing was changed.',
	notOurs: 'This file was not exported from here. Nothing was changed.',
	tooNew: ({ version, readable }: { version: Shown; readable: Shown }) =>
		`This file has version ${version}, newer than this application reads (${readable}). Update it first. Nothing was changed.`,
	damaged: ({ at, why }: { at: Shown; why: Shown }) =>
		`The file is damaged at ${at}: ${why}. Nothing was changed.`,
	tookTooLong: 'The file takes too long to read. Nothing was changed.'
};

export const readBackInAnswers = {
	unshowable: ({ page }: { page: Shown }) =>
		`The file holds something that the page ${page} cannot show. Nothing was changed.`,
	copyDamaged: ({ why }: { why: Shown }) =>
		`This copy cannot be opened (${why}). Take another one; nothing was changed.`,
	noSafeCopy: ({ why }: { why: Shown }) =>
		`No safe copy could be made (${why}). Nothing was changed. See that the disk has room, then try again.`,
	copyGone: 'This copy is not there any more. Load the page again.',
	inconsistent: ({ where }: { where: Shown }) =>
		`The file does not hang together (${where}). Nothing was changed.`
};
