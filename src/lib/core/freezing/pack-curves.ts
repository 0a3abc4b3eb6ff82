import type { FoodSpec } from '../foods/food-spec.ts';
import { simulateInSurroundings, type Run } from '../heat/simulate-in-surroundings.ts';
import type { Shape } from '../heat/shape.ts';
import { places } from '../kitchen/places.ts';

export interface PackCurve {
	minutes: ArrayLike<number>;
	tempC: ArrayLike<number>;
}

/** Warmest point while a pack freezes, coldest while it thaws, single and with air or water on every face. */
export function packCurves(input: {
	food: FoodSpec;
	shape: Shape;
	/** as it goes into the freezer */
	startC: number;
	freezerC: number;
	refrigeratorC: number;
	coldWaterC: number;
	durationMin: number;
}): { freezing: PackCurve; inRefrigerator: PackCurve; inColdWater: PackCurve } {
	const run = (startC: number, ambientC: number, h: number): Run =>
		simulateInSurroundings({
			food: input.food,
			shape: input.shape,
			startC,
			stages: [
				{ durationMin: input.durationMin, ambientC, surface: { side: h, bottom: h, top: h } }
			],
			fineness: 'medium'
		});
	const freezing = run(input.startC, input.freezerC, places.freezer.hWPerM2K);
	const cold = run(input.freezerC, input.refrigeratorC, places.refrigerator.hWPerM2K);
	const water = run(input.freezerC, input.coldWaterC, places['cold-water'].hWPerM2K);
	return {
		freezing: { minutes: freezing.minutes, tempC: freezing.warmestC },
		inRefrigerator: { minutes: cold.minutes, tempC: cold.coldestC },
		inColdWater: { minutes: water.minutes, tempC: water.coldestC }
	};
}
