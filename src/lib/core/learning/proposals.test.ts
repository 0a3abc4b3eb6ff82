import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import {
	proposalsFrom,
	type BestRecord,
	type CookRecord,
	type PackingRecord
} from './proposals.ts';
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
const packing = (id: number, goneAfterDays: number | null, agoDays = 60): PackingRecord => ({
	id,
	dishId: 2,
	packedMs: nowMs - agoDays * dayMs,
	packs: 4,
	codes: [`Q${id}`],
	goneMs: goneAfterDays === null ? null : nowMs - (agoDays - goneAfterDays) * dayMs
});
const best = (id: number, past: boolean): BestRecord => ({
	dishId: 3,
	code: `B${id}`,
	atMs: nowMs - id * dayMs,
	past
});
const ask = (
	input: Partial<Parameters<typeof proposalsFrom>[0]> & { weighed?: Record<string, number> }
) => proposalsFrom({ cooks: [], packings: [], best: [], yields: [], weighed: {}, nowMs, ...input });

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

	it('gone in nine days, four times; too much twice; four packs past best', () => {
		const packings = [7, 9, 9, 12].map((days, id) => packing(id, days));
		const [twice] = ask({ packings: [...packings, packing(9, null, 5)] });
		assert.deepEqual([twice.kind, twice.times, twice.of, twice.days], ['twice', 4, 4, 9]);
		assert.deepEqual(ask({ packings: [7, 90, 100].map((d, id) => packing(id, d, 120)) }), []);
		const much = [1, 2].map((id) => cook(id, { enough: 'too-much' }));
		assert.equal(ask({ cooks: much })[0].kind, 'smaller');
		const packs = Array.from({ length: 8 }, (_, id) => best(id, id < 4));
		assert.deepEqual(
			ask({ best: packs }).map(({ kind, times, of }) => [kind, times, of]),
			[['half', 4, 8]]
		);
		assert.deepEqual(ask({ best: packs.slice(3) }), []);
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
