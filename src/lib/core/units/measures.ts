import { kgPer, litresPer } from './factors.ts';

/**
 * Units a cook measures in, in litres and kilograms (NIST Handbook 44; metric by definition). The small ones without a
 * definition (handful, pinch, dash, splash) are common practice, no source. What is counted weighs what its item says.
 */
export type Measure =
	| { readonly kind: 'mass'; readonly kg: number }
	| { readonly kind: 'volume'; readonly litres: number }
	| { readonly kind: 'count' };

const count = { kind: 'count' } as const;

export const measures = {
	g: { kind: 'mass', kg: kgPer.g },
	kg: { kind: 'mass', kg: kgPer.kg },
	mg: { kind: 'mass', kg: kgPer.g / 1000 },
	oz: { kind: 'mass', kg: kgPer.oz },
	lb: { kind: 'mass', kg: kgPer.lb },
	ml: { kind: 'volume', litres: litresPer.ml },
	cl: { kind: 'volume', litres: litresPer.cl },
	dl: { kind: 'volume', litres: litresPer.dl },
	l: { kind: 'volume', litres: litresPer.l },
	tsp: { kind: 'volume', litres: litresPer.tsp },
	tbsp: { kind: 'volume', litres: litresPer.tbsp },
	'fl oz': { kind: 'volume', litres: litresPer.flOz },
	cup: { kind: 'volume', litres: litresPer.cup },
	pint: { kind: 'volume', litres: litresPer.pint },
	quart: { kind: 'volume', litres: litresPer.quart },
	gallon: { kind: 'volume', litres: litresPer.gallon },
	pinch: { kind: 'volume', litres: 0.0003 },
	dash: { kind: 'volume', litres: 0.0006 },
	drizzle: { kind: 'volume', litres: 0.01 },
	splash: { kind: 'volume', litres: 0.015 },
	handful: { kind: 'volume', litres: 0.12 },
	clove: count,
	slice: count,
	stick: count,
	head: count,
	bunch: count,
	sprig: count,
	leaf: count,
	sheet: count,
	rasher: count,
	cube: count,
	knob: count,
	thumb: count,
	wedge: count,
	ring: count,
	can: count,
	jar: count,
	bottle: count,
	packet: count,
	pouch: count,
	sachet: count,
	bag: count,
	box: count,
	tub: count,
	carton: count,
	tube: count,
	envelope: count,
	punnet: count,
	sleeve: count,
	glass: count,
	bar: count,
	block: count,
	brick: count,
	log: count,
	wheel: count,
	ball: count,
	loaf: count,
	roll: count,
	nest: count,
	rack: count,
	square: count,
	pat: count,
	cone: count,
	crown: count,
	crust: count,
	pod: count,
	spear: count,
	pot: count,
	piece: count
} as const satisfies Record<string, Measure>;

export type MeasureName = keyof typeof measures;
