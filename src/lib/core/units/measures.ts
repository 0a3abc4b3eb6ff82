import { kgPer, litresPer } from './factors.ts';

/**
 * Units a cook measures in, in litres and kilograms (NIST Handbook 44; metric by definition). The small ones without a
 * definition (handful, pinch, bunch) are common practice, no source.
 */
export type Measure =
	| { readonly kind: 'mass'; readonly kg: number }
	| { readonly kind: 'volume'; readonly litres: number }
	| { readonly kind: 'count' };

export const measures = {
	g: { kind: 'mass', kg: kgPer.g },
	kg: { kind: 'mass', kg: kgPer.kg },
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
	handful: { kind: 'volume', litres: 0.12 },
	/** of herbs or greens */
	bunch: { kind: 'mass', kg: 0.05 },
	piece: { kind: 'count' },
	/** the usual can of vegetables, pulses or tomatoes */
	can: { kind: 'mass', kg: 0.4 }
} as const satisfies Record<string, Measure>;

export type MeasureName = keyof typeof measures;
