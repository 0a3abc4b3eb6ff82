import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import { coolingView } from '../cooling/cooling-view.ts';
import { bestAdvice } from './best-advice.ts';
import { adoptedLimits, limitsFrom, tightestLimits } from './limits.ts';

it('a limit can be tightened, never loosened', () => {
	assert.deepEqual(limitsFrom(undefined), adoptedLimits);
	assert.equal(limitsFrom({ firstGateMin: 90 }).firstGateMin, 90);
	for (const looser of [
		{ firstGateMin: 121 },
		{ secondGateMin: 361 },
		{ dangerH: 4.1 },
		{ firstGateMin: NaN }
	])
		assert.throws(() => limitsFrom(looser), { code: 'above-range' });
	assert.throws(() => limitsFrom({ coreAddedK: -1 }), { code: 'below-range' });
});

it('tighter limits only ever make a verdict or an advice worse (property)', () => {
	const order = ['pass', 'good', 'at-risk', 'caution', 'fail', 'refused'];
	const minutes = Array.from({ length: 200 }, (_, i) => i * 5);
	fc.assert(
		fc.property(
			fc.integer({ min: 20, max: 200 }),
			fc.double({ min: tightestLimits.dangerH, max: adoptedLimits.dangerH, noNaN: true }),
			fc.integer({ min: tightestLimits.firstGateMin, max: adoptedLimits.firstGateMin }),
			fc.double({ min: 0, max: 8, noNaN: true }),
			(tauMin, dangerH, firstGateMin, likely) => {
				const warmestC = minutes.map((m) => 3 + 90 * Math.exp(-m / tauMin));
				const run = {
					startedAtMs: 0,
					endedAtMs: null,
					forecast: {
						minutes,
						warmestC,
						slowMinutes: minutes,
						slowWarmestC: warmestC,
						rule: 'two-stage' as const
					},
					readings: []
				};
				const limits = limitsFrom({ firstGateMin, dangerH });
				const verdict = (l: typeof limits) => order.indexOf(coolingView(run, 0, l).verdict);
				assert.ok(verdict(limits) >= verdict(adoptedLimits));
				const facts = {
					slow: true,
					state: 'thawed' as const,
					content: 'raw-meat' as const,
					thicknessM: 0.03,
					massKg: 1,
					hazardH: { likely, worst: likely * 1.3 }
				};
				const advice = (h?: number) => order.indexOf(bestAdvice({ ...facts, dangerH: h }).advice);
				assert.ok(advice(dangerH) >= advice());
			}
		)
	);
});
