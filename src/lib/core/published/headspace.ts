import { mPer } from '../units/factors.ts';

/** Mouth of a container: as wide as the container, or narrowing to a neck. */
export type Mouth = 'wide' | 'narrow';

export interface HeadspaceRow {
	/** containers up to this volume, litres: a US pint, a US quart */
	readonly upToL: number;
	readonly liquidMm: Readonly<Record<Mouth, number>>;
	readonly dryMm: number;
}

const inchMm = mPer.inch * 1000;

/**
 * Room to leave above food that is frozen in a container, NCHFP, Freezing, table of headspace (from memory): liquid or semi-liquid
 * packs ½ in (pint) and 1 in (quart) in wide mouths, ¾ in and 1½ in in narrow ones; dry packs ½ in. Between the sizes, and above a
 * quart, the larger row: the stricter.
 */
export const headspaceTable: readonly HeadspaceRow[] = [
	{
		upToL: 0.473176,
		liquidMm: { wide: 0.5 * inchMm, narrow: 0.75 * inchMm },
		dryMm: 0.5 * inchMm
	},
	{ upToL: 0.946353, liquidMm: { wide: inchMm, narrow: 1.5 * inchMm }, dryMm: 0.5 * inchMm }
];
