import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import { goodKinds, goodPlaces, stillGood } from './still-good.ts';

const ask = (more: Partial<Parameters<typeof stillGood>[0]>) =>
	stillGood({
		kind: 'leftovers',
		place: 'refrigerator',
		amount: 1,
		reheated: false,
		swollen: false,
		...more
	}).outcome;

it('leftovers three days, rice one, raw poultry, fish and mince one, whole cuts three (FoodSafety.gov, short ends; rice UK FSA)', () => {
	assert.deepEqual(
		[ask({ amount: 2 }), ask({ amount: 3 }), ask({ amount: 4 })],
		['good', 'last-day', 'discard']
	);
	assert.deepEqual(
		[ask({ kind: 'rice' }), ask({ kind: 'rice', amount: 2 })],
		['last-day', 'discard']
	);
	assert.equal(ask({ kind: 'raw-poultry-fish-mince', amount: 2 }), 'discard');
	assert.equal(ask({ kind: 'raw-whole-cut', amount: 2 }), 'good');
});

it('two hours outside, one on a hot day (USDA FSIS); frozen food stays safe, only quality goes', () => {
	assert.deepEqual(
		[ask({ place: 'counter', amount: 2 }), ask({ place: 'counter', amount: 2.5 })],
		['good', 'discard']
	);
	assert.equal(ask({ place: 'hot-day', amount: 1.5 }), 'discard');
	assert.equal(ask({ place: 'freezer', amount: 900 }), 'quality-only');
	assert.equal(ask({ place: 'freezer', swollen: true }), 'discard');
});

it('longer, unknown, made hot before or swollen is never better (property)', () => {
	const rank = { good: 3, 'last-day': 2, 'quality-only': 2, discard: 0 };
	fc.assert(
		fc.property(
			fc.constantFrom(...goodKinds),
			fc.constantFrom(...goodPlaces),
			fc.nat(10),
			fc.nat(10),
			(kind, place, amount, more) => {
				const now = rank[ask({ kind, place, amount })];
				assert.ok(rank[ask({ kind, place, amount: amount + more })] <= now);
				for (const worse of [{ swollen: true }, { reheated: true }, { amount: null }])
					assert.ok(rank[ask({ kind, place, amount, ...worse })] <= now);
			}
		)
	);
});
