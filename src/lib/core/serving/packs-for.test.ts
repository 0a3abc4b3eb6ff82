import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import { packsFor } from './packs-for.ts';

const packs = (...servings: number[]) => servings.map((n, i) => ({ code: `P${i}`, servings: n }));
const codes = (eaters: number, ...servings: number[]) =>
	packsFor(eaters, packs(...servings))?.packs.map(({ code }) => code);

it('dinner for seven from packs of four, two and one is all of them; of equal packs the first goes', () => {
	assert.deepEqual(codes(7, 4, 2, 1), ['P0', 'P1', 'P2']);
	assert.deepEqual(codes(4, 2, 4, 4), ['P1'], 'one pack rather than several');
	assert.deepEqual(codes(3, 4, 2, 1), ['P1', 'P2']);
	assert.equal(packsFor(8, packs(4, 2, 1)), null);
});

it('never less than asked for, and no other choice leaves less (oracle: all subsets)', () => {
	fc.assert(
		fc.property(
			fc.array(fc.integer({ min: 1, max: 8 }), { minLength: 1, maxLength: 8 }),
			fc.integer({ min: 1, max: 20 }),
			(servings, eaters) => {
				const chosen = packsFor(eaters, packs(...servings));
				const sums = Array.from({ length: 1 << servings.length }, (_, set) =>
					servings.reduce((sum, n, i) => sum + (set & (1 << i) ? n : 0), 0)
				).filter((sum) => sum >= eaters);
				assert.equal(chosen === null, sums.length === 0);
				if (chosen) assert.equal(chosen.servings, Math.min(...sums));
			}
		)
	);
});
