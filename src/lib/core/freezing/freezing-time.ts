import type { FoodSpec } from '../foods/food-spec.ts';
import type { Shape } from '../heat/shape.ts';
import { simulateInSurroundings } from '../heat/simulate-in-surroundings.ts';
import { requireRange } from '../require-range.ts';
import { places } from '../kitchen/places.ts';

const longestMin = 21 * 24 * 60;

/**
 * Minutes until a single pack with air on every face is frozen through: its warmest point at −10 °C unless asked otherwise.
 * `durationMin` is null when the freezer never gets it there. Stacked packs or a loaded freezer take two to three times longer.
 */
export function freezingTime(input: {
	food: FoodSpec;
	shape: Shape;
	startC: number;
	freezerC: number;
	fan?: boolean;
	/** default −10: warmest point, "frozen through" */
	untilWarmestC?: number;
}): { durationMin: number | null } {
	const freezerC = requireRange('freezerC', input.freezerC, -50, 20);
	const untilC = requireRange('untilWarmestC', input.untilWarmestC ?? -10, -60, 60);
	const h = input.fan ? places.freezer.movingHWPerM2K : places.freezer.hWPerM2K;
	const run = simulateInSurroundings({
		food: input.food,
		shape: input.shape,
		startC: input.startC,
		stages: [
			{ durationMin: longestMin, ambientC: freezerC, surface: { side: h, bottom: h, top: h } }
		],
		crossings: [{ of: 'warmest', tempC: untilC, direction: 'falling' }],
		stopWhenAllCrossed: true
	});
	return { durationMin: run.crossedMin[0] };
}
