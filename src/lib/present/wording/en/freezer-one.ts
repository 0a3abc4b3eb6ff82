import type { Shown } from '../shown.ts';

export const freezerOne = {
	dayUnknown: 'When it was frozen is not known: use it first.',
	packedAbout: (a: Shown) => `Frozen about ${a}, best by`,
	nowBestBy: (day: Shown, days: Shown) =>
		`now ${day}: warm spells took ${days} ${days === 1 ? 'day' : 'days'}.`,
	boughtOn: (a: Shown) => `Bought on ${a}.`,
	cookedOn: (a: Shown) => `Cooked on ${a}; days in the refrigerator count.`,
	thawedBefore: 'Parts of it were frozen and thawed before: do not freeze it again raw.',
	noCard:
		'No cook card: what it is made of is not known here. Follow the maker’s instructions, or heat it to 74 °C (165 °F) in the middle.',
	itsLabel: 'Its label',
	history: 'From pot to plate',
	keeps: (days: Shown) => `Once thawed it keeps ${days} ${days === 1 ? 'day' : 'days'} there.`,
	takeOut: 'Take it out to thaw',
	where: 'Where',
	places: {
		refrigerator: 'in the refrigerator',
		'cold-water': 'in cold water, sealed, changed every 30 minutes',
		microwave: 'in the microwave: cook at once',
		counter: 'on the counter (not safe beyond 2 hours)'
	},
	trayHint: 'Raw packs on a tray, lowest shelf. Vacuum-packed fish: open it first.',
	outSince: (time: Shown, place: Shown) => `Out since ${time}, ${place}.`,
	pliable: (time: Shown) => `Bends from about ${time}.`,
	thawedAt: (time: Shown) => `Free of ice about ${time}.`,
	cookByTime: (time: Shown) => `Cook or eat it by ${time}.`,
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
	partHint: (n: Shown) => `of ${n}`,
	usePart: 'Use a part',
	into: 'Split into',
	splitIt: 'Split it',
	almacen: (a: Shown, b: Shown) => `${a} · ${b} · Almacen`,
	servings: (a: Shown, b: Shown) => `${a} servings · ${b}`,
	packOfThick: (a: Shown, b: Shown, c: Shown, d: Shown) => `pack ${a} of ${b} · ${c} · ${d} thick`,
	packedBestBy: (a: Shown) => `Packed ${a} · best by`,
	liesIn: (a: Shown, b: Shown) => `Lies in ${a}, ${b}.`,
	contains: (a: Shown) => `Contains ${a}.`,
	onTheDay: (a: Shown) => `On the day: ${a}`,
	doneAtInThe: (a: Shown, b: Shown) => `Done at ${a} in the middle (${b}).`,
	next: 'Next',
	cookItCardAnd: 'Cook it: card and times',
	markItCooked: 'Mark it cooked',
	thawingInTheRefrigerator: (a: Shown) => `Thawing in the refrigerator at ${a}:`,
	bendsInAboutFree: (a: Shown) => `bends in about ${a}, free of ice in about`,
	itDoesNotThaw: 'it does not thaw through there.',
	thawing: 'Thawing',
	untilNoIceIs:
		'Until no ice is left at its coldest point, for one pack with air on every side; it bends when 70 % of the heat is in. Allow half as much again. On a tray, lowest shelf, when it is raw.',
	thickness: 'thickness',
	refrigerator: 'refrigerator'
};
