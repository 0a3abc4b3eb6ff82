import * as many from '../count.ts';
import type { Shown } from '../shown.ts';

export const prep = {
	title: ({ day }: { day: Shown }) => `Prep for ${day}`,
	pageTitle: ({ day }: { day: Shown }) => `Prep for ${day} · Almacen`,
	noDay:
		'No packing day is planned. Plan one in Menu: its dishes make the prep list and the run sheet.',
	noDishes: 'This day has no dishes yet. Choose them in Menu.',
	planOne: 'Plan a packing day',
	toMenu: 'To the day’s menu',
	toRun: 'Run sheet',
	left: ({ left, all }: { left: Shown; all: Shown }) => `${left} of ${all} left to get ready.`,
	allReady: 'Everything is got ready.',
	unsent: ({ count }: { count: Shown }) => `${count} not sent yet`,
	evening: 'The evening before',
	eveningNone: 'Nothing has to be done the evening before.',
	takeOut: ({ dish, mass, code }: { dish: Shown; mass: Shown; code: Shown }) =>
		`Take out of the freezer: ${dish}, ${mass}, pack ${code}`,
	thaw: ({ what }: { what: Shown }) => `Thaw in the refrigerator, on a tray: ${what}`,
	soak: ({ what }: { what: Shown }) =>
		`Soak in plenty of water, then boil 30 minutes in fresh water: ${what}`,
	doneBefore: ({ what }: { what: Shown }) => `Do already: ${what}`,
	chillNote: 'What is cooked the evening before is cooled at once and kept at 5 °C or below.',
	before: 'Before you start',
	vessels: ({ places }: { places: Shown }) => `Clear and get out: ${places}`,
	vessel: ({ place, dishes }: { place: Shown; dishes: number }) =>
		dishes > 1 ? `${place} (${many.dishes(dishes)})` : place,
	ice: ({ mass }: { mass: Shown }) => `Ice for the cooling baths: ${mass}`,
	labels: ({ count }: { count: Shown }) =>
		`Labels printed or written before anything is filled: ${count}`,
	packs: ({ count, dish }: { count: number; dish: Shown }) =>
		`${many.containers(count)} for ${dish}`,
	setOut: ({ dish }: { dish: Shown }) => `Set out for ${dish}`,
	chop: 'Cut once, for all dishes',
	board: 'On the vegetable board',
	rawBoard: 'Last, on the board for raw meat and fish',
	chopHow: 'Vegetables first, raw meat last; then wash hands, board and knife.',
	cans: 'Cans to open',
	meats: 'Meat and fish to cook through',
	cheese: 'Cheese to grate or cut',
	spices: 'Spice mixes, a small bowl each',
	spicesOf: ({ dish, lines }: { dish: Shown; lines: Shown }) => `${dish}: ${lines}`,
	cut: ({ item, cut }: { item: Shown; cut: Shown }) => (cut ? `${item}, ${cut}` : String(item)),
	share: ({ amount, dish }: { amount: Shown; dish: Shown }) => `${amount} to ${dish}`,
	unknown: 'amount open',
	print: 'Print this list',
	why: {
		title: 'How the amounts come about',
		rule: 'Every line of the day’s dishes, times its batches, added up by item and cut. Pieces by the usual weight of one, cups and litres by how the item measures; common household weights.',
		weight: 'Weight'
	}
};
