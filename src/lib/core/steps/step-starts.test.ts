import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import { stepStartsMin } from './step-starts.ts';

const steps = fc
	.array(fc.record({ minutes: fc.nat(300), before: fc.array(fc.nat(30), { maxLength: 4 }) }), {
		maxLength: 20
	})
	.map((all) =>
		all.map(({ minutes, before }, i) => ({
			minutes,
			after: [...new Set(before)].filter((one) => one < i)
		}))
	);

it('a step begins when the last of what it waits for is done, and not a minute later (longest path, the definition)', () => {
	fc.assert(
		fc.property(steps, (all) => {
			const starts = stepStartsMin(all);
			all.forEach(({ after }, i) => {
				const ends = after.map((before) => starts[before] + all[before].minutes);
				assert.equal(starts[i], Math.max(0, ...ends));
			});
		})
	);
});
