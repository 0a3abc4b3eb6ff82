import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import createHighs from 'highs';
import { choosePacks, type PackOffer } from './choose-packs.ts';

/** Every set of packs up to a bound; the oracle for small cases. */
function fullSearch(need: number, packs: readonly PackOffer[], prefer: 'price' | 'least-left') {
	let best: { counts: number[]; price: number; total: number; packs: number } | null = null;
	const visit = (kind: number, counts: number[], price: number, total: number) => {
		if (kind === packs.length) {
			if (total < need - 1e-9) return;
			const found = { counts, price, total, packs: counts.reduce((a, b) => a + b, 0) };
			const order = (f: typeof found) =>
				prefer === 'price' ? [f.price, f.total, f.packs] : [f.total, f.price, f.packs];
			const [a, b] = [order(found), best && order(best)];
			if (!b) best = found;
			else {
				const i = a.findIndex((value, k) => Math.abs(value - b[k]) > 1e-9);
				if (i >= 0 && a[i] < b[i]) best = found;
			}
			return;
		}
		const { size, priceCents, max = 99 } = packs[kind];
		for (let n = 0; n <= Math.min(max, Math.ceil(need / size)); n++)
			visit(kind + 1, [...counts, n], price + n * priceCents, total + n * size);
	};
	visit(0, [], 0, 0);
	return best as { counts: number[]; price: number; total: number; packs: number } | null;
}

const offers = (most: number) =>
	fc.array(
		fc.record({
			size: fc.integer({ min: 1, max: 40 }).map((n) => n / 10),
			priceCents: fc.integer({ min: 1, max: 900 }),
			max: fc.option(fc.integer({ min: 0, max: 4 }), { nil: undefined })
		}),
		{ minLength: 1, maxLength: most }
	);

describe('the cheapest packs that cover a need', () => {
	it('is what a full search finds: price, then least left, then fewest packs; and the other way round (property)', () => {
		for (const prefer of ['price', 'least-left'] as const)
			fc.assert(
				fc.property(
					fc.integer({ min: 1, max: 60 }).map((n) => n / 10),
					offers(3),
					(need, packs) => {
						const wanted = fullSearch(need, packs, prefer);
						const found = choosePacks({ need, packs, prefer });
						if (!wanted) return assert.equal(found.outcome, 'cannot-cover');
						assert.ok(found.outcome === 'covered');
						assert.equal(found.priceCents, wanted.price);
						assert.ok(Math.abs(found.left - (wanted.total - need)) < 1e-6);
						assert.equal(
							found.counts.reduce((a, b) => a + b, 0),
							wanted.packs
						);
					}
				),
				{ numRuns: 150 }
			);
	});

	it('costs what a general integer programme solver says, on larger needs (highs)', async () => {
		const highs = await createHighs();
		const cases = fc.sample(fc.tuple(fc.integer({ min: 20, max: 400 }), offers(8)), {
			numRuns: 40,
			seed: 7
		});
		for (const [need, packs] of cases) {
			const terms = (of: (pack: PackOffer) => number) =>
				packs.map((pack, i) => `${of(pack)} n${i}`).join(' + ');
			const bounds = packs.map(({ max }, i) => `0 <= n${i} <= ${max ?? 5000}`).join('\n');
			const solved = highs.solve(
				`Minimize\n obj: ${terms((p) => p.priceCents)}\nSubject To\n cover: ${terms((p) => p.size)} >= ${need}\nBounds\n${bounds}\nGeneral\n${packs.map((_, i) => `n${i}`).join(' ')}\nEnd`
			);
			const found = choosePacks({ need, packs });
			if (solved.Status !== 'Optimal') assert.equal(found.outcome, 'cannot-cover');
			else {
				assert.ok(found.outcome === 'covered');
				assert.equal(found.priceCents, Math.round(solved.ObjectiveValue));
			}
		}
	});

	it('says how much there is when it does not cover, and takes nothing for no need', () => {
		assert.deepEqual(choosePacks({ need: 3, packs: [{ size: 1, priceCents: 100, max: 2 }] }), {
			outcome: 'cannot-cover',
			most: 2
		});
		assert.deepEqual(choosePacks({ need: 0, packs: [{ size: 1, priceCents: 100 }] }), {
			outcome: 'covered',
			counts: [0],
			priceCents: 0,
			left: 0
		});
		assert.equal(choosePacks({ need: 1, packs: [] }).outcome, 'cannot-cover');
		assert.throws(() => choosePacks({ need: 1, packs: [{ size: 0, priceCents: 1 }] }), {
			code: 'below-range'
		});
		assert.throws(() => choosePacks({ need: NaN, packs: [] }), { code: 'not-a-number' });
	});
});
