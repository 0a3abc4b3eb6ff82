import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { thickened, type Shape } from '../heat/shape.ts';
import { defaultCompositions } from '../foods/default-compositions.ts';
import { coolingView, type CoolingFacts } from './cooling-view.ts';
import { predictCooling, type CoolingInput } from './predict-cooling.ts';
import { tempAtMin } from './through-readings.ts';

const minute = 60_000;
const food = { composition: defaultCompositions['meat-in-sauce'], mobility: 1.5 };
const dish: Shape = { kind: 'brick', lengthM: 0.35, widthM: 0.25, heightM: 0.025 };
const pot: Shape = { kind: 'cylinder', diameterM: 0.24, heightM: 0.07 };

const inRefrigerator: CoolingInput = {
	food,
	shape: dish,
	startC: 92,
	places: [{ place: 'refrigerator' }],
	refrigeratorC: 3
};
const inIce: CoolingInput = {
	food,
	shape: pot,
	startC: 92,
	places: [{ place: 'ice-bath' }],
	topInAir: true
};

function runOf(input: CoolingInput): CoolingFacts {
	const { minutes, warmestC, slow, rule } = predictCooling(input);
	return {
		startedAtMs: 0,
		endedAtMs: null,
		forecast: {
			minutes: [...Array.from(minutes)],
			warmestC: [...Array.from(warmestC)],
			slowMinutes: [...Array.from(slow.minutes)],
			slowWarmestC: [...Array.from(slow.warmestC)],
			rule
		},
		readings: []
	};
}

const runs = new Map([inRefrigerator, inIce].map((input) => [input, runOf(input)]));

/** The kitchen as it really is: another thickness, looser or stiffer food, a colder or warmer place. */
const truths = fc
	.record({
		input: fc.constantFrom(inRefrigerator, inIce),
		thickness01: fc.double({ min: 0.88, max: 1.15, noNaN: true }),
		mobility: fc.double({ min: 1, max: 2.2, noNaN: true }),
		deltaK: fc.double({ min: -0.8, max: 0.8, noNaN: true }),
		noise: fc.array(fc.double({ min: -1, max: 1, noNaN: true }), { minLength: 40, maxLength: 40 })
	})
	.map(({ input, thickness01, mobility, deltaK, noise }) => {
		const real = predictCooling({
			...input,
			food: { ...food, mobility },
			shape: thickened(input.shape, thickness01),
			refrigeratorC: 3 + deltaK
		});
		const endMin = real.clockStartMin + (real.to5Min ?? 0);
		const curve = Array.from(real.minutes, (m, i) => ({ minute: m, tempC: real.warmestC[i] }));
		const every = endMin / 3 / noise.length;
		return {
			run: runs.get(input) as CoolingFacts,
			endMin,
			readings: noise.map((offK, i) => ({
				atMs: (i + 1) * every * minute,
				tempC: tempAtMin(curve, (i + 1) * every) + offK,
				source: 'probe' as const
			}))
		};
	});
const endOf = (view: ReturnType<typeof coolingView>) =>
	view.clockStartMin + (view.to5Min ?? Infinity);

describe('the curve fitted to a thermometer', () => {
	it('a third of the way, with noise of ±1 K, finds the end within 15 % (another kitchen simulated by the core)', () => {
		fc.assert(
			fc.property(truths, ({ run, readings, endMin }) => {
				const seen = coolingView({ ...run, readings }, readings.at(-1)?.atMs ?? 0);
				const end = endOf(seen);
				assert.ok(Math.abs(end / endMin - 1) <= 0.15, `${end} for ${endMin}`);
			}),
			{ numRuns: 60, seed: 11 }
		);
	});

	it('drop-outs, another order, repeats, a probe at 0 or 120 °C: no reading is lost and the end moves by less than 5 %', () => {
		fc.assert(
			fc.property(
				truths,
				fc.array(fc.boolean(), { minLength: 40, maxLength: 40 }),
				fc.uniqueArray(fc.tuple(fc.integer({ min: 6, max: 33 }), fc.constantFrom(0, 120, 85)), {
					maxLength: 2,
					selector: ([i]) => i
				}),
				({ run, readings }, kept, slips) => {
					const nowMs = readings.at(-1)?.atMs ?? 0;
					const plain = coolingView({ ...run, readings }, nowMs);
					const some = readings.filter((_, i) => kept[i] || i % 3 === 0 || i === 39);
					const odd = slips.map(([i, tempC]) => ({
						...readings[i],
						atMs: readings[i].atMs + 1000,
						tempC
					}));
					const messy = [...some.slice(20), ...odd, ...some.slice(0, 20), ...some.slice(5, 9)];
					const view = coolingView({ ...run, readings: messy }, nowMs);
					assert.equal(view.readings.length + view.doubtful.length, some.length + odd.length);
					const moved = Math.abs(endOf(view) / endOf(plain) - 1);
					assert.ok(moved <= 0.05, `${moved} by ${JSON.stringify(odd)}`);
				}
			),
			{ numRuns: 60, seed: 12 }
		);
	});

	it('a probe that fell out stays doubtful until somebody reads by hand', () => {
		const run = runs.get(inRefrigerator) as CoolingFacts;
		const fellOut = [2, 4, 6, 8, 10].map((m) => ({
			atMs: (20 + m) * minute,
			tempC: 4,
			source: 'probe' as const
		}));
		const view = coolingView({ ...run, readings: fellOut }, 31 * minute);
		assert.equal(view.doubtful.length, 5);
		assert.equal(view.verdict, coolingView(run, 31 * minute).verdict);
		const byHand = { atMs: 31 * minute, tempC: 4.5, source: 'hand' as const };
		const after = coolingView({ ...run, readings: [...fellOut, byHand] }, 32 * minute);
		assert.ok(after.nowC < 6, 'what a person reads is taken');
	});
});
