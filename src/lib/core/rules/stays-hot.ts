import { foodFromSpec, type FoodSpec } from '../foods/food-spec.ts';
import { foodDensityKgPerM3 } from '../foods/food-properties.ts';
import { simulateInSurroundings } from '../heat/simulate-in-surroundings.ts';
import { requireRange } from '../require-range.ts';
import { dangerC } from './danger-range.ts';

/** What a covered pot or dish standing in the room gives off, W/m²K (docs/numbers.md). */
const standsWPerM2K = 9;
/** As wide as a pot that holds it about half full (judgement). */
const heightPerWidth = 0.6;
const longestMin = 12 * 60;

/**
 * Minutes that food stays above 60 °C throughout, covered and off the heat: a pot of it runs on in the room. 0 when it is not that hot.
 * Throws coded errors for broken input.
 */
export function staysHotMin(input: {
	food: FoodSpec;
	massKg: number;
	/** how hot it is all through, °C */
	startC: number;
	roomC: number;
}): number {
	const startC = requireRange('startC', input.startC, -40, 110);
	if (startC <= dangerC.to) return 0;
	const massKg = requireRange('massKg', input.massKg, 0.01, 50);
	const volumeM3 = massKg / foodDensityKgPerM3(foodFromSpec(input.food));
	const diameterM = Math.cbrt((4 * volumeM3) / (Math.PI * heightPerWidth));
	const run = simulateInSurroundings({
		food: input.food,
		shape: { kind: 'cylinder', diameterM, heightM: diameterM * heightPerWidth },
		startC,
		stages: [
			{
				durationMin: longestMin,
				ambientC: requireRange('roomC', input.roomC, -10, 50),
				surface: { side: standsWPerM2K, bottom: standsWPerM2K, top: standsWPerM2K }
			}
		],
		crossings: [{ of: 'coldest', tempC: dangerC.to, direction: 'falling' }],
		stopWhenAllCrossed: true
	});
	return run.crossedMin[0] ?? longestMin;
}
