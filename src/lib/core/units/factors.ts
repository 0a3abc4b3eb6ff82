/**
 * How other units are worth in the canonical ones (kg, L, m). NIST Handbook 44, appendix C, for customary measures; metric by
 * definition. The only table of factors: whoever reads, counts or shows an amount takes them from here.
 */
export const kgPer = { g: 0.001, kg: 1, oz: 0.0283495, lb: 0.453592 } as const;

export const litresPer = {
	ml: 0.001,
	cl: 0.01,
	dl: 0.1,
	l: 1,
	tsp: 0.00492892,
	tbsp: 0.0147868,
	flOz: 0.0295735,
	cup: 0.236588,
	pint: 0.473176,
	quart: 0.946353,
	gallon: 3.78541,
	cubicFoot: 28.3168
} as const;

export const mPer = { mm: 0.001, cm: 0.01, m: 1, km: 1000, inch: 0.0254, foot: 0.3048 } as const;

/** A printer's point is a seventy-second of an inch. */
export const mmPerPt = (mPer.inch * 1000) / 72;
