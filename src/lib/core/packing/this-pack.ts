import type { Block } from './pack-plan.ts';

/** One pack as it is now: its own weight after a part was used or it was split, and what follows from that. */
export interface ThisPack {
	massKg: number;
	/** to a tenth */
	servings: number;
	/** a part is cut off: the footprint shrinks, the thickness stays; filled fuller or less full, it is thicker or thinner */
	block: Block;
}

/**
 * What is true of one pack of a packing: `weighedKg` as it was weighed (null: as all of its packing), `part01` what is still in it.
 */
export function thisPack(
	packing: { massKg: number; servings: number } & Block,
	pack: { massKg: number | null; part01: number }
): ThisPack {
	const wholeKg = pack.massKg ?? packing.massKg;
	return {
		massKg: wholeKg * pack.part01,
		servings: Math.round(packing.servings * pack.part01 * 10) / 10,
		block: {
			lengthM: packing.lengthM * Math.max(pack.part01, 0.01),
			widthM: packing.widthM,
			thicknessM: (packing.thicknessM * wholeKg) / packing.massKg
		}
	};
}
