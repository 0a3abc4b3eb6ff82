import { CoreError } from '../errors.ts';
import { requireRange } from '../require-range.ts';
import { containers, type ContainerKey } from '../tables/containers.ts';

export interface Block {
	lengthM: number;
	widthM: number;
	thicknessM: number;
}

/**
 * The frozen block a weight makes in a container: its footprint, and the thickness from volume over footprint.
 * Throws `no-room-for-food` when the container would be overfilled, with the most it takes.
 */
export function blockOf(input: {
	massKg: number;
	densityKgPerM3: number;
	container: ContainerKey;
}): Block {
	const massKg = requireRange('massKg', input.massKg, 0.001, 25);
	const { lengthM, widthM, mostM } = containers[input.container];
	const thicknessM = massKg / input.densityKgPerM3 / (lengthM * widthM);
	if (thicknessM > mostM)
		throw new CoreError('no-room-for-food', {
			massKg,
			mostKg: mostM * lengthM * widthM * input.densityKgPerM3
		});
	return { lengthM, widthM, thicknessM: Math.max(thicknessM, 0.002) };
}
