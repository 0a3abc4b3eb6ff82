import type { DishStep } from './step.ts';

/** When each step of a dish can begin at the earliest, one batch, nothing in its way; minutes from the first. */
export function stepStartsMin(steps: readonly Pick<DishStep, 'minutes' | 'after'>[]): number[] {
	const starts: number[] = [];
	for (const { after } of steps)
		starts.push(
			Math.max(0, ...after.map((before) => (starts[before] ?? 0) + (steps[before]?.minutes ?? 0)))
		);
	return starts;
}
