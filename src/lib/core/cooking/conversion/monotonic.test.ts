import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { brick, foodOfCase } from '../../fixtures/heat-cases.ts';
import { freezingTime } from '../../freezing/freezing-time.ts';
import { thawingTime } from '../../freezing/thawing-time.ts';
import { simulateInSurroundings } from '../../heat/simulate-in-surroundings.ts';
import { convertCook } from './convert-cook.ts';
import { runOven } from '../../appliances/oven/run-oven.ts';
import { runPressureCooker } from '../../appliances/pressure-cooker/run-pressure-cooker.ts';
import { runSlowCooker } from '../../appliances/slow-cooker/run-slow-cooker.ts';

// Facts of physics, all else equal and within 2 % of numerical noise.
const stew = foodOfCase({
	water: 0.76,
	protein: 0.1,
	fat: 0.06,
	carb: 0.065,
	ash: 0.015,
	tf: -1.1,
	M: 1.5
});
const kitchen = { altitudeM: 500, roomC: 21 };
const last = (series: ArrayLike<number>) => series[series.length - 1];
const block = (mm: number) => brick([0.2, 0.16, mm / 1000]);
const piece = (mm: number, startC: number) => ({
	food: stew,
	shape: block(mm),
	startC,
	liquidKg: 0.3
});
const slow = (mm: number, startC: number, setting: 'low' | 'high') =>
	runSlowCooker({
		piece: piece(mm, startC),
		cooker: { volumeL: 5.7 },
		setting,
		kitchen,
		durationMin: 300,
		zK: 33
	});
const mm = fc.integer({ min: 15, max: 80 });
const start = fc.integer({ min: -20, max: 20 });
const runs = { numRuns: 8 };

describe('monotonic where physics is (property)', () => {
	it('slow cooker: high is never slower than low, colder never sooner, thicker never warmer inside', () => {
		fc.assert(
			fc.property(mm, mm, start, start, (a, b, s, t) => {
				const [thin, thick] = [Math.min(a, b), Math.max(a, b)];
				const [cold, warm] = [Math.min(s, t), Math.max(s, t)];
				const low = slow(thin, warm, 'low');
				assert.ok(last(slow(thin, warm, 'high').coldestC) >= last(low.coldestC) - 0.5);
				assert.ok(last(slow(thin, cold, 'low').coldestC) <= last(low.coldestC) + 0.5);
				assert.ok(last(slow(thick, warm, 'low').coldestC) <= last(low.coldestC) + 0.5);
			}),
			runs
		);
	});

	it('oven and pressure cooker: longer never cooks less, hotter never cooler', () => {
		fc.assert(
			fc.property(mm, start, fc.integer({ min: 5, max: 60 }), (thickness, startC, minutes) => {
				const oven = (ovenC: number, durationMin: number) =>
					runOven({
						piece: { ...piece(thickness, startC), liquidKg: 0 },
						kind: 'filled',
						covered: true,
						ovenC,
						kitchen,
						durationMin,
						zK: 33
					});
				const short = oven(170, minutes);
				assert.ok(last(oven(170, minutes + 15).coldestCookMin) >= last(short.coldestCookMin));
				assert.ok(last(oven(190, minutes).meanC) >= last(short.meanC) - 0.2);
				const hold = (holdMin: number) =>
					runPressureCooker({
						piece: piece(thickness, startC),
						cooker: { volumeL: 5.7 },
						kitchen,
						holdMin,
						release: 'natural',
						zK: 33
					});
				assert.ok(last(hold(minutes + 10).coldestCookMin) >= last(hold(minutes).coldestCookMin));
			}),
			runs
		);
	});

	it('a colder freezer never freezes slower; a warmer place never thaws slower; thicker never faster', () => {
		fc.assert(
			fc.property(
				mm,
				mm,
				fc.integer({ min: -30, max: -16 }),
				fc.integer({ min: 2, max: 8 }),
				(a, b, freezerC, placeC) => {
					const [thin, thick] = [Math.min(a, b), Math.max(a, b)];
					const freeze = (thickness: number, at: number) =>
						freezingTime({ food: stew, shape: block(thickness), startC: 10, freezerC: at })
							.durationMin ?? Infinity;
					assert.ok(freeze(thin, freezerC - 4) <= freeze(thin, freezerC) * 1.02);
					assert.ok(freeze(thin, freezerC) <= freeze(thick, freezerC) * 1.02);
					const thaw = (thickness: number, at: number) =>
						thawingTime({
							food: stew,
							shape: block(thickness),
							startC: -18,
							place: 'refrigerator',
							placeC: at
						}).thawedMin ?? Infinity;
					assert.ok(thaw(thin, placeC + 2) <= thaw(thin, placeC) * 1.02);
					assert.ok(thaw(thin, placeC) <= thaw(thick, placeC) * 1.02);
				}
			),
			runs
		);
	});
});

describe('extreme and odd input: a clear error or a sound answer', () => {
	const sound = (value: number | null) => value === null || Number.isFinite(value);
	const ask = (
		massKg: number,
		shape: ReturnType<typeof brick>,
		kind: 'lean-pieces' | 'tough-cut' = 'lean-pieces'
	) =>
		convertCook({
			kind,
			food: stew,
			massKg,
			block: shape,
			content: 'raw-meat',
			coreC: 73.9,
			liquidKg: 0,
			known: null,
			kitchen
		});

	for (const [name, massKg, shape] of [
		['a gram, 2 mm thin', 0.001, brick([0.03, 0.016, 0.002])],
		['20 kg, 40 cm thick', 20, brick([0.3, 0.16, 0.4])]
	] as const)
		it(name, () => {
			for (const option of ask(massKg, shape).options) {
				for (const spread of [option.setMin, option.totalMin, option.computedMin])
					if (spread) assert.ok([spread.from, spread.likely, spread.to].every(Number.isFinite));
				assert.ok(
					sound(option.coreEndC) && sound(option.goodUntilMin) && Number.isFinite(option.fill01)
				);
				if (!option.setMin) assert.ok(option.reasons.length > 0, 'a refusal says why');
			}
		});

	it('−40 °C is computed, −70 °C and a composition of 0.93 are errors', () => {
		const stage = { durationMin: 60, ambientC: 4, surface: { side: 10, bottom: 10, top: 10 } };
		const run = simulateInSurroundings({
			food: stew,
			shape: block(30),
			startC: -40,
			stages: [stage]
		});
		assert.ok(last(run.meanC) > -40 && last(run.meanC) < 4);
		assert.throws(
			() => simulateInSurroundings({ food: stew, shape: block(30), startC: -70, stages: [stage] }),
			{ code: 'below-range' }
		);
		const short = {
			composition: { water: 0.7, protein: 0.1, fat: 0.06, carbohydrate: 0.06, fibre: 0, ash: 0.01 }
		};
		assert.throws(
			() => simulateInSurroundings({ food: short, shape: block(30), startC: 4, stages: [stage] }),
			{ code: 'composition-sum' }
		);
	});

	it('6 cm of raw chicken in sauce, frozen solid, 22 minutes under pressure: not done', () => {
		const chicken = foodOfCase({
			water: 0.77,
			protein: 0.15,
			fat: 0.03,
			carb: 0.04,
			ash: 0.013,
			tf: -1.2,
			M: 1
		});
		const run = runPressureCooker({
			piece: { food: chicken, shape: brick([0.16, 0.12, 0.06]), startC: -18, liquidKg: 0.25 },
			cooker: { volumeL: 5.7 },
			kitchen: { altitudeM: 0, roomC: 21 },
			holdMin: 22,
			release: 'natural',
			zK: 33
		});
		assert.ok(last(run.coldestC) < 73.9, `${last(run.coldestC)} °C`);
	});
});
