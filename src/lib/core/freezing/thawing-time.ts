import { foodFromSpec, type FoodSpec } from '../foods/food-spec.ts';
import { volumeM3, type Shape } from '../heat/shape.ts';
import { simulateInSurroundings } from '../heat/simulate-in-surroundings.ts';
import { thermalTable, type ThermalTable } from '../heat/thermal-table.ts';
import { requireRange } from '../require-range.ts';
import { places } from '../kitchen/places.ts';

/** Frozen as it is reckoned with, °C: what "70 % of the heat" is counted from. */
const frozenC = -18;
/** As cold as food is kept, °C (the rule's own 5). */
const coldC = 5;
const longestMin = 14 * 24 * 60;
/** Share of the enthalpy between −18 °C and free of ice after which a pack bends and can be separated. */
const pliable01 = 0.7;

function pliableEnthalpyJPerM3(table: ThermalTable, freezingC: number): number {
	const frozenJPerM3 = table.enthalpyAt(frozenC);
	return frozenJPerM3 + pliable01 * (table.enthalpyAt(freezingC) - frozenJPerM3);
}

/** Temperature of a pack that just bends, were its heat spread evenly, °C: a little under its freezing point. */
export function softenedC(food: FoodSpec): number {
	const { freezingC } = foodFromSpec(food);
	const table = thermalTable(food);
	const wanted = pliableEnthalpyJPerM3(table, freezingC);
	let [low, high] = [frozenC, freezingC];
	for (let i = 0; i < 60; i++) {
		const middle = (low + high) / 2;
		if (table.enthalpyAt(middle) < wanted) low = middle;
		else high = middle;
	}
	return low;
}

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
	/** its surface is above 5 °C, warmer than a refrigerator; null: not before it is thawed */
	warmMin: number | null;
} {
	const ambientC = requireRange('placeC', input.placeC, -5, 40);
	const { freezingC } = foodFromSpec(input.food);
	const table = thermalTable(input.food);
	const { hWPerM2K: h } = places[input.place];
	const pliableJPerM3 = pliableEnthalpyJPerM3(table, freezingC);
	const run = simulateInSurroundings({
		food: input.food,
		shape: input.shape,
		startC: input.startC,
		stages: [{ durationMin: longestMin, ambientC, surface: { side: h, bottom: h, top: h } }],
		table,
		heatMarksJ: [(pliableJPerM3 - table.enthalpyAt(input.startC)) * volumeM3(input.shape)],
		crossings: [
			{ of: 'coldest', tempC: freezingC + 0.3, direction: 'rising' },
			...(ambientC > coldC ? [{ of: 'warmest', tempC: coldC, direction: 'rising' } as const] : [])
		],
		stopWhenAllCrossed: true
	});
	return {
		pliableMin: run.heatMarkMin[0],
		thawedMin: run.crossedMin[0],
		warmMin: run.crossedMin[1] ?? null
	};
}
