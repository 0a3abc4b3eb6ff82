import { volumeM3, surfaceAreaM2, type Shape } from './shape.ts';

/**
 * A step at which implicit Euler is within about 1 % of the time asked for: a hundredth of the time constant of the slowest
 * mode (exchange at the surface and diffusion to the middle in series), seconds.
 */
export function steadyStepS(input: {
	shape: Shape;
	volumetricHeatJPerM3K: number;
	conductivityWPerMK: number;
	hWPerM2K: number;
}): number {
	const lengthM = volumeM3(input.shape) / surfaceAreaM2(input.shape);
	const surfaceS = (input.volumetricHeatJPerM3K * lengthM) / Math.max(input.hWPerM2K, 1e-3);
	const insideS =
		(input.volumetricHeatJPerM3K * lengthM * lengthM) / (2.5 * input.conductivityWPerMK);
	return Math.min(300, 0.01 * (Math.min(surfaceS, 1e7) + insideS));
}

/** The next step: short after each change of surroundings, growing with the time since then, never more than `leftS`, what is left of the stage. */
export function nextStepS(input: { steadyS: number; sinceChangeS: number; leftS: number }): number {
	const grown = Math.max(input.steadyS / 50, 0.03 * input.sinceChangeS);
	return Math.min(input.steadyS, grown, input.leftS);
}

/** Share of the heat still to flow that a longer step may move. */
const calmProgress01 = 0.002;

/** The longest step allowed from here on: longer than `steadyS` once little heat flows, up to five minutes. */
export function calmStepS(input: {
	calmS: number;
	steadyS: number;
	dtS: number;
	/** share of all the heat of this stage that the last step moved */
	progress01: number;
}): number {
	if (input.progress01 > calmProgress01) return Math.max(input.steadyS, 0.8 * input.calmS);
	return input.dtS < input.calmS ? input.calmS : Math.min(300, 1.15 * input.calmS);
}
