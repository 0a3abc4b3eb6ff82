/**
 * Units a cook measures in, in litres and kilograms (NIST Handbook 44; metric by definition). The small ones without a
 * definition (handful, pinch, bunch) are common practice, no source.
 */
export type Measure =
	| { readonly kind: 'mass'; readonly kg: number }
	| { readonly kind: 'volume'; readonly litres: number }
	| { readonly kind: 'count' };

export const measures = {
	g: { kind: 'mass', kg: 0.001 },
	kg: { kind: 'mass', kg: 1 },
	oz: { kind: 'mass', kg: 0.0283495 },
	lb: { kind: 'mass', kg: 0.453592 },
	ml: { kind: 'volume', litres: 0.001 },
	cl: { kind: 'volume', litres: 0.01 },
	dl: { kind: 'volume', litres: 0.1 },
	l: { kind: 'volume', litres: 1 },
	tsp: { kind: 'volume', litres: 0.00492892 },
	tbsp: { kind: 'volume', litres: 0.0147868 },
	'fl oz': { kind: 'volume', litres: 0.0295735 },
	cup: { kind: 'volume', litres: 0.236588 },
	pint: { kind: 'volume', litres: 0.473176 },
	quart: { kind: 'volume', litres: 0.946353 },
	gallon: { kind: 'volume', litres: 3.78541 },
	pinch: { kind: 'volume', litres: 0.0003 },
	handful: { kind: 'volume', litres: 0.12 },
	/** of herbs or greens */
	bunch: { kind: 'mass', kg: 0.05 },
	piece: { kind: 'count' },
	/** the usual can of vegetables, pulses or tomatoes */
	can: { kind: 'mass', kg: 0.4 }
} as const satisfies Record<string, Measure>;

export type MeasureName = keyof typeof measures;
