import { foodFromSpec, type FoodSpec } from '../foods/food-spec.ts';
import { volumeM3, type Shape } from '../heat/shape.ts';
import { simulateInSurroundings } from '../heat/simulate-in-surroundings.ts';
import { thermalTable } from '../heat/thermal-table.ts';
import { requireRange } from '../require-range.ts';
import { places } from '../tables/places.ts';

const longestMin = 14 * 24 * 60;
/** Share of the enthalpy between −18 °C and free of ice after which a pack bends and can be separated. */
const pliable01 = 0.7;

/** Minutes until a pack bends and until no ice is left, with the place on every face; null when it never happens there. */
export function thawingTime(input: {
	food: FoodSpec;
	shape: Shape;
	startC: number;
	place: 'refrigerator' | 'cold-water';
	placeC: number;
}): {
	/** 70 % of the heat is in: bends, can be separated */
	pliableMin: number | null;
	/** no ice left */
	thawedMin: number | null;
} {
	const ambientC = requireRange('placeC', input.placeC, -5, 40);
	const { freezingC } = foodFromSpec(input.food);
	const table = thermalTable(input.food);
	const { hWPerM2K: h } = places[input.place];
	const frozenJPerM3 = table.enthalpyAt(-18);
	const pliableJPerM3 = frozenJPerM3 + pliable01 * (table.enthalpyAt(freezingC) - frozenJPerM3);
	const run = simulateInSurroundings({
		food: input.food,
		shape: input.shape,
		startC: input.startC,
		stages: [{ durationMin: longestMin, ambientC, surface: { side: h, bottom: h, top: h } }],
		table,
		heatMarksJ: [(pliableJPerM3 - table.enthalpyAt(input.startC)) * volumeM3(input.shape)],
		crossings: [{ of: 'coldest', tempC: freezingC + 0.3, direction: 'rising' }],
		stopWhenAllCrossed: true
	});
	return { pliableMin: run.heatMarkMin[0], thawedMin: run.crossedMin[0] };
}
