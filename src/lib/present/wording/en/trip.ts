import * as many from '../count.ts';
import type { Shown } from '../shown.ts';

/** Packs on a journey, in a cool box. */
export const trip = {
	pageTitle: 'Going away · Almacen',
	heading: ({ n }: { n: number }) => `${many.packs(n)} in a cool box`,
	none: 'No frozen packs are chosen. Tick the ones that go along, then choose “Cool box”.',
	toFreezer: 'To the freezer',
	labels: 'Their labels',
	print: 'Print the list',
	kind: 'Box',
	kinds: { hard: 'hard, foamed lid', soft: 'soft bag' },
	volume: 'It holds',
	ice: 'Ice or cold packs',
	iceHint: 'their weight; empty: none',
	ambient: 'Around it',
	ambientHint: 'the warmest of the day; a car in the sun is 50 °C (120 °F): never there',
	openings: 'Opened, times a day',
	look: 'How long?',
	hours: ({ from, to }: { from: Shown; to: Shown }) => `${from}–${to} h`,
	hard: 'hard as a whole',
	cold: ({ temp }: { temp: Shown }) => `until ${temp}`,
	careful:
		'Fill the box to the top, packs against packs, ice on top, lid closed, in the shade. Where ice crystals are left or it is colder than 5 °C (40 °F), freeze again or cook; what was warmer for over two hours, or nobody knows, is discarded.',
	whyTitle: 'How long a cool box holds',
	why: ({ hard, cold }: { hard: Shown; cold: Shown }) =>
		`Packs and ice warm together by the heat that comes through the walls: 0.8 W for each kelvin of a hard box of 25 L, 2 W of a soft bag, by surface for other sizes, and 2 W for an opening a day. Hard is a mean at or below ${hard}; the middle stays hard longer. Then until ${cold}. The short end is two thirds. Packs of unknown food are counted as stew.`,
	packs: 'packs',
	code: 'Code',
	what: 'What it is',
	weight: 'Weight',
	bestBy: 'Best by',
	noDate: 'no date',
	contains: ({ what }: { what: Shown }) => `contains ${what}`
};
