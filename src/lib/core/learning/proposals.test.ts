import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { countsSinceMs, mostNamed, proposalsFrom, type CookRecord } from './proposals.ts';
import { oftener01, surenessOf } from './sureness.ts';

const dayMs = 86_400_000;
const nowMs = 1000 * dayMs;
const cook = (id: number, more: Partial<CookRecord>): CookRecord => ({
	id,
	code: `P${id}`,
	dishId: 1,
	atMs: nowMs - id * dayMs,
	method: { appliance: 'pressure-cooker' },
	route: 'frozen',
	outcome: null,
	enough: null,
	...more
});
const ask = (
	input: Partial<Parameters<typeof proposalsFrom>[0]> & { weighed?: Record<string, number> }
) => proposalsFrom({ cooks: [], batches: [], best: [], yields: [], weighed: {}, nowMs, ...input });

describe('how sure', () => {
	it('is the tail of the Beta distribution, as summed on a fine grid', () => {
		// oracle: numerical integration of p^k (1-p)^(n-k)
		const integral = (times: number, of: number, from: number) => {
			let [all, above] = [0, 0];
			for (let i = 0; i < 20_000; i++) {
				const p = (i + 0.5) / 20_000;
				const density = p ** times * (1 - p) ** (of - times);
				all += density;
				if (p > from) above += density;
			}
			return above / all;
		};
		for (const [times, of, than] of [
			[3, 3, 0.5],
			[2, 3, 0.5],
			[4, 10, 0.2],
			[0, 5, 0.5]
		])
			assert.ok(Math.abs(oftener01(times, of, than) - integral(times, of, than)) < 1e-3);
		assert.deepEqual(
			[surenessOf(2, 3), surenessOf(3, 3), surenessOf(8, 9), surenessOf(1, 1), surenessOf(2, 5)],
			['hint', 'likely', 'sure', null, null]
		);
		// oracle for many: the normal distribution that the Beta distribution becomes (Abramowitz and Stegun 26.5)
		const normal = (times: number, of: number, than: number) => {
			const p = (times + 1) / (of + 2);
			const z = (p - than) / Math.sqrt((p * (1 - p)) / (of + 3));
			let below = 0;
			for (let x = -8; x < z; x += 1e-3) below += Math.exp((-x * x) / 2) * 1e-3;
			return below / Math.sqrt(2 * Math.PI);
		};
		for (const [times, of, than] of [
			[1000, 2000, 0.5],
			[1010, 2000, 0.5],
			[20_100, 100_000, 0.2]
		])
			assert.ok(Math.abs(oftener01(times, of, than) - normal(times, of, than)) < 0.01);
		assert.throws(() => oftener01(3, 2, 0.5));
	});
});

describe('what follows from what was written down', () => {
	it('three times too dry from frozen under pressure', () => {
		const cooks = [1, 2, 3].map((id) => cook(id, { outcome: 'over' }));
		const [first, ...others] = ask({ cooks });
		assert.equal(others.length, 0);
		assert.equal(first.kind, 'shorter');
		assert.deepEqual([first.times, first.of, first.sure], [3, 3, 'likely']);
		assert.deepEqual(first.way, {
			appliance: 'pressure-cooker',
			state: 'frozen',
			cookIds: [1, 2, 3]
		});
		// another way of the same dish is no evidence for this one
		const mixed = [...cooks.slice(0, 1), cook(8, { outcome: 'over', route: 'refrigerator' })];
		assert.deepEqual(ask({ cooks: mixed }), []);
		// as often right as dry: nothing
		const even = [...cooks, ...[4, 5, 6].map((id) => cook(id, { outcome: 'right' }))];
		assert.deepEqual(ask({ cooks: even }), []);
	});

	it('accepted or set aside, it comes again only on new evidence', () => {
		const cooks = [1, 2, 3].map((id) => cook(id, { outcome: 'over' }));
		const [{ key }] = ask({ cooks });
		const weighed = { [key]: nowMs - dayMs / 2 };
		assert.deepEqual(ask({ cooks, weighed }), []);
		const later = [10, 11].map((id) => cook(id, { outcome: 'over', atMs: nowMs - dayMs / 4 }));
		assert.equal(ask({ cooks: [...cooks, ...later], weighed })[0].times, 2);
	});

	it('nothing older than is remembered counts, and no more packs are named than are listed', () => {
		assert.equal(countsSinceMs({ 'half 3': nowMs - 1 }, 'half 3', nowMs), nowMs - 1);
		assert.equal(countsSinceMs({ 'half 3': 5 }, 'half 3', nowMs), nowMs - 400 * dayMs);
		const codes = Array.from({ length: 9000 }, (_, i) => `B${i}`);
		const [half] = ask({ best: [{ dishId: 3, of: 20_000, past: 9000, codes }] });
		assert.equal(half.sure, 'sure');
		assert.deepEqual(half.codes, codes.slice(0, mostNamed));
	});

	it('gone in nine days, four times; too much twice; four packs past best', () => {
		const gone = (days: number[], of: number) => ({
			dishId: 2,
			of,
			soon: days.map((days, id) => ({ days, codes: [`Q${id}`] }))
		});
		const [twice] = ask({ batches: [gone([7, 9, 9, 12], 4)] });
		assert.deepEqual([twice.kind, twice.times, twice.of, twice.days], ['twice', 4, 4, 9]);
		assert.deepEqual(twice.codes, ['Q0', 'Q1', 'Q2', 'Q3']);
		assert.deepEqual(ask({ batches: [gone([7], 3)] }), []);
		const much = [1, 2].map((id) => cook(id, { enough: 'too-much' }));
		assert.equal(ask({ cooks: much })[0].kind, 'smaller');
		const best = (past: number) => ({ dishId: 3, of: 8, past, codes: ['B'] });
		assert.deepEqual(
			ask({ best: [best(4)] }).map(({ kind, times, of }) => [kind, times, of]),
			[['half', 4, 8]]
		);
		assert.deepEqual(ask({ best: [best(1)] }), []);
		const yields = [0.86, 0.88, 1].map((yield01, id) => ({
			dishId: 5,
			code: `Y${id}`,
			codes: [`Y${id}`],
			atMs: nowMs - id * dayMs,
			yield01
		}));
		assert.deepEqual(
			ask({ yields }).map(({ kind, times, of }) => [kind, times, of]),
			[['yields-less', 2, 3]]
		);
		// of another year
		assert.deepEqual(
			ask({ cooks: much.map((one) => ({ ...one, atMs: nowMs - 500 * dayMs })) }),
			[]
		);
	});
});
