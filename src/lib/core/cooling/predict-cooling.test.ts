import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import type { FoodSpec } from '../foods/food-spec.ts';
import { foodFromSpec } from '../foods/food-spec.ts';
import { foodDensityKgPerM3 } from '../foods/food-properties.ts';
import { defaultCompositions } from '../foods/default-compositions.ts';
import { predictCooling, type CoolingInput } from './predict-cooling.ts';

const stew: FoodSpec = { composition: defaultCompositions['meat-in-sauce'], mobility: 1 };
const slab = (thicknessM: number) => ({ kind: 'slab', thicknessM }) as const;
const from95 = (input: Partial<CoolingInput>) =>
	predictCooling({
		food: stew,
		shape: slab(0.03),
		startC: 95,
		places: [{ place: 'refrigerator' }],
		...input
	});

describe('what kitchens find (common practice, no source)', () => {
	it('a 5 cm dish of stew in the refrigerator does not pass the first gate; 1.5 cm passes both', () => {
		const deep = from95({ shape: slab(0.05) });
		assert.equal(deep.verdict, 'fail');
		assert.equal(deep.failed, 'to21');
		assert.equal(from95({ shape: slab(0.015) }).verdict, 'pass');
	});

	it('the counter never gets food to 5 °C', () => {
		const warm = from95({ places: [{ place: 'counter' }] });
		assert.equal(warm.to5Min, null);
		assert.equal(warm.verdict, 'fail');
	});

	it('an hour on the counter first is worse than the refrigerator at once', () => {
		const later = from95({
			places: [{ place: 'counter', durationMin: 60 }, { place: 'refrigerator' }]
		});
		const atOnce = from95({});
		const whole = (r: ReturnType<typeof from95>) => r.clockStartMin + (r.to5Min ?? Infinity);
		assert.ok(whole(later) > whole(atOnce));
	});
});

it('ice: 4 kg of stew from 95 to 5 °C melts about 4 kg (heat balance by hand: 4 kg × 3.7 kJ/kgK × 90 K over 334 kJ/kg)', () => {
	const shape = {
		kind: 'cylinder',
		diameterM: 0.24,
		heightM: 4 / foodDensityKgPerM3(foodFromSpec(stew)) / (Math.PI * 0.12 ** 2)
	} as const;
	const kept = from95({ shape, places: [{ place: 'ice-bath' }] });
	assert.ok(Math.abs((kept.iceNeededKg ?? 0) - 4) < 0.3, String(kept.iceNeededKg));
	const short = from95({ shape, places: [{ place: 'ice-bath', iceKg: 1, waterKg: 4 }] });
	assert.equal(short.to5Min, null, 'a kilogram of ice is soon gone and the bath warms');
});

it('stirring and an open lid help, a lid and depth hinder', () => {
	const pot = { kind: 'cylinder', diameterM: 0.24, heightM: 0.08 } as const;
	const ask = (more: Partial<CoolingInput>) =>
		from95({ shape: pot, places: [{ place: 'ice-bath' }], topInAir: true, ...more }).to21Min ??
		Infinity;
	assert.ok(ask({ stirred: true }) < ask({}));
	const inAir = (lid: boolean) => from95({ shape: pot, lid }).to21Min ?? Infinity;
	assert.ok(inAir(true) > inAir(false));
});

it('the verdict takes the unfavourable end: between pass and fail lies at risk', () => {
	const verdicts = [0.015, 0.02, 0.024, 0.026, 0.028, 0.03, 0.032, 0.034, 0.04].map(
		(d) => from95({ shape: slab(d) }).verdict
	);
	assert.deepEqual([...new Set(verdicts)], ['pass', 'at-risk', 'fail']);
});

it('food that starts below 57 °C has its clock from the start; made at room temperature it has four hours', () => {
	const cool = from95({ startC: 40, shape: slab(0.02) });
	assert.deepEqual([cool.rule, cool.clockStartMin], ['two-stage', 0]);
	assert.equal(from95({ startC: 21, fromRoom: true }).rule, 'four-hours');
});

const rank = { pass: 0, 'at-risk': 1, fail: 2 };
it('what starts cooler is never judged worse, 56.9 °C not worse than 57 (property)', () => {
	const depth = fc.double({ min: 0.01, max: 0.05, noNaN: true });
	const place = fc.constantFrom('counter', 'refrigerator', 'freezer', 'cold-water', 'ice-bath');
	fc.assert(
		fc.property(depth, place, (thicknessM, where) => {
			const verdicts = [95, 75, 60, 57, 56.9, 45, 30, 20.9, 10].map(
				(startC) =>
					rank[from95({ startC, shape: slab(thicknessM), places: [{ place: where }] }).verdict]
			);
			verdicts.forEach((verdict, i) =>
				assert.ok(i === 0 || verdict <= verdicts[i - 1], verdicts.join())
			);
		}),
		{ numRuns: 8 }
	);
});

// USDA FSIS, Appendix B: no more than one log of C. perfringens; the model and its parameters stand in rules/growth.ts
it('a pass is at most one log of growth at the unfavourable end; three litres that stood 200 minutes are none', () => {
	const pot = { kind: 'cylinder', diameterM: 0.22, heightM: 0.08 } as const;
	const stood = (durationMin: number) =>
		from95({
			shape: pot,
			places: [{ place: 'counter', durationMin }, { place: 'ice-bath' }],
			topInAir: true
		});
	assert.notEqual(stood(200).verdict, 'pass');
	assert.ok(stood(200).growthLog > stood(30).growthLog);
	for (const thicknessM of [0.01, 0.015, 0.02, 0.03]) {
		const cooled = from95({ shape: slab(thicknessM) });
		assert.ok(cooled.verdict !== 'pass' || cooled.growthLog <= 1);
	}
});

it('refuses broken input', () => {
	assert.throws(() => from95({ startC: 300 }), { code: 'above-range' });
	assert.throws(() => from95({ places: [] }), { code: 'no-stages' });
});
