import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import { readingCover } from './reading-cover.ts';
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

it('readings stand for the time between them and two hours at the ends, never for more', () => {
	const h = 3600_000;
	const cut = { fromMs: 0, toMs: 6 * h };
	const at = (...hours: [number, number][]) =>
		readingCover(
			hours.map(([hour, tempC]) => ({ atMs: hour * h, tempC })),
			cut
		);
	const whole = at([1, 0], [3, 8], [5, 8]);
	assert.equal(whole.coveredH, 6);
	assert.equal(whole.aboveH(4), 3, 'a straight line between two readings');
	assert.equal(whole.aboveH(8), 0);
	assert.equal(at([3, -14]).coveredH, 0, 'a single reading covers no time');
	assert.equal(at([0, -14], [6, -14]).coveredH, 0, 'six hours apart they say nothing');
	assert.equal(at([0, -18], [1, -18], [5, -17], [6, -16]).coveredH, 2);
	assert.equal(at([-30, -18]).warmestC, null, 'nor does one of long before');
});
