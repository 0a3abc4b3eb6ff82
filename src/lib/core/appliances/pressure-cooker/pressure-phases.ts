import type { Pot } from '../run/pot.ts';

/** Longest come-up before a run is given up: too much food for this cooker. */
export const longestComeUpMin = 150;
const longestReleaseMin = 180;
/** Rest in the opened pot after release, minutes: part of every pressure result. */
export const restMin = 10;
/** How long a quick release takes, minutes (common practice, no source). */
const quickReleaseMin = 2;

type OnStep = (pot: Pot) => void;

/** Heats with full power until the pool is at `targetC`; minutes it took, or null if it does not get there. */
export function comeUp(
	pot: Pot,
	input: { powerW: number; targetC: number; stepS: number; onStep?: OnStep }
): number | null {
	while (pot.poolC < input.targetC) {
		if (pot.minute > longestComeUpMin) return null;
		const before = pot.poolC;
		pot.step(input.stepS, { powerW: input.powerW, sealed: true });
		const rise = pot.poolC - before;
		if (pot.poolC > input.targetC && rise > 0)
			pot.minute -= ((pot.poolC - input.targetC) / rise) * (input.stepS / 60);
		input.onStep?.(pot);
	}
	return pot.minute;
}

/** Holds the pool at `targetC`. */
export function hold(
	pot: Pot,
	input: { targetC: number; minutes: number; stepS: number; onStep?: OnStep }
): void {
	let leftS = input.minutes * 60;
	while (leftS > 1e-6) {
		const dtS = Math.min(input.stepS, leftS);
		pot.step(dtS, { powerW: 0, sealed: true, holdPoolC: input.targetC });
		leftS -= dtS;
		input.onStep?.(pot);
	}
}

/** Lets the pressure go, opens, rests ten minutes. Returns the minutes of release, and how cold the coldest is at its end. */
export function releaseAndRest(
	pot: Pot,
	input: { release: 'natural' | 'quick'; stepS: number; onStep?: OnStep }
): { releaseMin: number; openedC: number } {
	const fromMin = pot.minute;
	const fromC = pot.poolC;
	while (pot.poolC > pot.capC && pot.minute - fromMin < longestReleaseMin) {
		if (input.release === 'natural') pot.step(input.stepS, { powerW: 0, sealed: true });
		else {
			const share = Math.min(1, (pot.minute - fromMin + input.stepS / 60) / quickReleaseMin);
			const holdPoolC = fromC + (pot.capC - 0.001 - fromC) * share;
			pot.step(input.stepS, { powerW: 0, sealed: true, holdPoolC });
		}
		input.onStep?.(pot);
	}
	const releaseMin = pot.minute - fromMin;
	pot.open();
	const openedC = pot.coldestC;
	const openedMin = pot.minute;
	while (pot.minute < openedMin + restMin - 1e-9) {
		pot.step(input.stepS, { powerW: 0 });
		input.onStep?.(pot);
	}
	return { releaseMin, openedC };
}
