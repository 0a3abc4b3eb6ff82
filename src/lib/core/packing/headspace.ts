import { requireRange } from '../require-range.ts';
import { headspaceTable, type Mouth } from '../published/headspace.ts';

/** Water grows by 9 % as it freezes (density of ice 917 kg/m³); no container is filled beyond what that leaves. */
const frozenGrowth = 1.09;

/** Millimetres to leave free above the food when the container is closed (NCHFP; between two sizes the larger). */
export function headspaceMm(input: {
	/** of the container, brim-full, litres */
	volumeL: number;
	mouth: Mouth;
	liquid: boolean;
}): number {
	const volumeL = requireRange('volumeL', input.volumeL, 0.01, 60);
	const row = headspaceTable.find(({ upToL }) => volumeL <= upToL) ?? headspaceTable.at(-1)!;
	return input.liquid ? row.liquidMm[input.mouth] : row.dryMm;
}

/**
 * Litres that go into a container so that the published headspace is free and frozen water does not burst it: the smaller of the
 * two. `heightM` is the inner height up to the brim.
 */
export function fillLimitL(input: {
	volumeL: number;
	heightM: number;
	mouth: Mouth;
	liquid: boolean;
}): number {
	const free01 = headspaceMm(input) / 1000 / requireRange('heightM', input.heightM, 0.005, 1);
	const byHeadspace = input.volumeL * Math.max(0, 1 - free01);
	return input.liquid ? Math.min(byHeadspace, input.volumeL / frozenGrowth) : byHeadspace;
}
