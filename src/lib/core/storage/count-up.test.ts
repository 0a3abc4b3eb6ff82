import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import { aboveHours } from './above-hours.ts';
import { countDifferences } from './count-up.ts';

const pack = fc.record({
	code: fc.stringMatching(/^[A-Z]{3}$/),
	shelfId: fc.constantFrom(1, 2),
	status: fc.constantFrom('frozen', 'cooked', 'thawing')
});

it('once the differences are settled, a second count finds none (property)', () => {
	fc.assert(
		fc.property(
			fc.uniqueArray(pack, { selector: ({ code }) => code, maxLength: 12 }),
			fc.func(fc.boolean()),
			(packs, isSeen) => {
				const seen = new Set(packs.filter(({ code }) => isSeen(code)).map(({ code }) => code));
				const { missing, found, elsewhere } = countDifferences(1, packs, seen);
				const settled = packs.map((one) => ({
					code: one.code,
					shelfId: elsewhere.includes(one.code) ? 1 : one.shelfId,
					status: missing.includes(one.code)
						? 'discarded'
						: found.includes(one.code)
							? 'frozen'
							: one.status
				}));
				const again = countDifferences(1, settled, seen);
				assert.deepEqual(again, { missing: [], found: [], elsewhere: [] });
				const there = settled.filter(({ shelfId, status }) => shelfId === 1 && status === 'frozen');
				assert.deepEqual(new Set(there.map(({ code }) => code)), seen);
			}
		)
	);
});

it('hours above a temperature: straight lines between readings', () => {
	const h = 3600_000;
	const up = [
		{ atMs: 0, tempC: 0 },
		{ atMs: 4 * h, tempC: 8 }
	];
	assert.equal(aboveHours(up, 4), 2);
	assert.equal(aboveHours(up, 8), 0);
	assert.equal(aboveHours([{ atMs: 0, tempC: 9 }], 4), null, 'one warm reading: nobody knows');
	assert.equal(aboveHours([], 4), 0);
});
