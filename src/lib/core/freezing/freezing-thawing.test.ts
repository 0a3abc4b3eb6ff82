import assert from 'node:assert/strict';
import { foodFromSpec } from '../foods/food-spec.ts';
import { defaultCompositions } from '../foods/default-compositions.ts';
import { packCurves, type PackCurve } from './pack-curves.ts';
import { it } from 'node:test';
import { foodOfCase, heatCase } from '../fixtures/heat-cases.ts';
import { freezingTime } from './freezing-time.ts';
import { thawingTime } from './thawing-time.ts';

it('freezing against Pham’s method: within its own 10 % and a little', () => {
	const { inputs, expected } = heatCase('A-pham');
	const h = expected.rows[0];
	// the one row with a household freezer's still air: a slab of 3 cm, h 8, from 4 to −10 °C at −18 °C
	assert.equal(h.h, 8);
	const { durationMin } = freezingTime({
		food: foodOfCase(inputs.food),
		shape: { kind: 'slab', thicknessM: 2 * h.dc },
		startC: h.Ti,
		freezerC: h.Ta,
		untilWarmestC: h.Tc
	});
	assert.ok(
		durationMin !== null && Math.abs(durationMin / 60 / h.numeric_h - 1) < 0.03,
		`${durationMin}`
	);
	assert.ok(Math.abs(durationMin / 60 / h.pham_h - 1) < 0.11);
});

const stew = foodOfCase({
	water: 0.76,
	protein: 0.1,
	fat: 0.06,
	carb: 0.065,
	ash: 0.015,
	tf: -1.1
});
const flat = { kind: 'brick', lengthM: 0.22, widthM: 0.18, heightM: 0.035 } as const;
const roast = { kind: 'brick', lengthM: 0.17, widthM: 0.12, heightM: 0.074 } as const;

it('a flat bag overnight in the refrigerator bends but is not free of ice (common practice, no source)', () => {
	const { pliableMin, thawedMin } = thawingTime({
		food: stew,
		shape: flat,
		startC: -18,
		place: 'refrigerator',
		placeC: 4
	});
	assert.ok(pliableMin !== null && pliableMin > 5 * 60 && pliableMin < 12 * 60, `${pliableMin}`);
	assert.ok(thawedMin !== null && thawedMin > 14 * 60 && thawedMin < 26 * 60, `${thawedMin}`);
});

it('a small roast in cold water takes over four hours; a pound in a flat pack about one (USDA FSIS, from memory)', () => {
	const water = { place: 'cold-water', placeC: 13.5, startC: -18 } as const;
	const beef = foodOfCase({ water: 0.68, protein: 0.195, fat: 0.115, ash: 0.01, tf: -1.1 });
	assert.ok((thawingTime({ ...water, food: beef, shape: roast }).thawedMin ?? 0) > 240);
	const pound = thawingTime({
		...water,
		food: beef,
		shape: { kind: 'brick', lengthM: 0.14, widthM: 0.12, heightM: 0.026 }
	});
	assert.ok((pound.thawedMin ?? 0) > 25 && (pound.thawedMin ?? 999) < 75, `${pound.thawedMin}`);
});

it('never is null, not a number: a freezer at −5 °C, a refrigerator at −2 °C', () => {
	assert.equal(
		freezingTime({ food: stew, shape: flat, startC: 5, freezerC: -5 }).durationMin,
		null
	);
	assert.equal(
		thawingTime({ food: stew, shape: flat, startC: -18, place: 'refrigerator', placeC: -2 })
			.thawedMin,
		null
	);
});

it('the drawn curves cross where the times say', () => {
	const shape = { kind: 'slab', thicknessM: 0.03 } as const;
	const food = { composition: defaultCompositions['meat-in-sauce'] };
	const places = { freezerC: -18, refrigeratorC: 4, coldWaterC: 14 };
	const curves = packCurves({ food, shape, startC: 5, ...places, durationMin: 48 * 60 });
	const firstAt = (curve: PackCurve, met: (tempC: number) => boolean) =>
		curve.minutes[Array.from(curve.tempC).findIndex(met)];
	const frozen = freezingTime({ food, shape, startC: 5, freezerC: -18 }).durationMin ?? NaN;
	assert.ok(Math.abs(firstAt(curves.freezing, (t) => t <= -10) / frozen - 1) < 0.05);
	const question = { food, shape, startC: -18 };
	for (const [curve, place, placeC] of [
		[curves.inRefrigerator, 'refrigerator', 4],
		[curves.inColdWater, 'cold-water', 14]
	] as const) {
		const { thawedMin } = thawingTime({ ...question, place, placeC });
		const { freezingC } = foodFromSpec(food);
		const seen = firstAt(curve, (t) => t >= freezingC + 0.3);
		assert.ok(Math.abs(seen / (thawedMin ?? NaN) - 1) < 0.06, `${place}: ${seen}, ${thawedMin}`);
	}
});
