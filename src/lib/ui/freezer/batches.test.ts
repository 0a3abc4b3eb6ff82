import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import { batchesOf } from './batches.ts';

const line = fc.record({
	packingId: fc.integer({ min: 1, max: 4 }),
	servings: fc.integer({ min: 1, max: 3 }),
	massKg: fc.constantFrom(0.4, 0.9),
	bestBy: fc.constantFrom('2027-01-01', null),
	shelfId: fc.integer({ min: 1, max: 2 })
});

it('each pack is in one row, alike with the others of it, rows in the order of their first (property)', () => {
	fc.assert(
		fc.property(fc.array(line, { maxLength: 40 }), (all) => {
			const lines = all.map((one, id) => ({ ...one, id }));
			const batches = batchesOf(lines);
			assert.deepEqual(
				batches.flatMap(({ packs }) => packs.map(({ id }) => id)).sort((a, b) => a - b),
				lines.map(({ id }) => id)
			);
			for (const { first, packs } of batches) {
				assert.equal(packs[0], first);
				for (const pack of packs)
					assert.deepEqual({ ...pack, id: first.id }, first, 'alike in all but its number');
			}
			const firsts = batches.map(({ first }) => first.id);
			assert.deepEqual(
				firsts,
				firsts.toSorted((a, b) => a - b)
			);
		})
	);
});
