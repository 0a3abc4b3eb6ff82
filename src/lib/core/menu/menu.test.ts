import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { dishCosts, priceLines, type PriceEntry } from '../shopping/shop-costs.ts';
import { shoppingList } from '../shopping/shopping-list.ts';
import { dayTotals, proposedPortions, type PlannedDish } from './day-totals.ts';
import { goesWellWith, type RankedDish } from './goes-well-with.ts';

const dish = (change: Partial<PlannedDish> = {}): PlannedDish => ({
	servings: 8,
	batches: 1,
	packedKg: 2.4,
	densityKgPerL: 1,
	portions: [{ to: 'freezer', packs: 2, servings: 4 }],
	...change
});

describe('what a packing day comes to', () => {
	it('portions sum to the yield, or what is left over is said', () => {
		const totals = dayTotals({
			dishes: [
				dish({
					batches: 2,
					portions: [
						{ to: 'freezer', packs: 2, servings: 4 },
						{ to: 'tonight', packs: 1, servings: 5 }
					]
				})
			],
			freezers: [{ volumeL: 200 }],
			storedL: 0
		});
		assert.deepEqual([totals.servings, totals.packs, totals.unplaced], [16, 3, [3]]);
		assert.ok(Math.abs(totals.freezeKg - 2.4) < 1e-9, 'tonight is not frozen');
	});

	it('two to three pounds a cubic foot in a day (NCHFP, from memory): the stricter end, the rest waits', () => {
		const cubicFootL = 28.3168;
		const { loadKg, waitKg, waitPacks } = dayTotals({
			dishes: [dish({ batches: 2, portions: [{ to: 'freezer', packs: 4, servings: 4 }] })],
			freezers: [{ volumeL: cubicFootL }],
			storedL: 0
		});
		assert.ok(loadKg >= 2 * 0.4536 * 0.99 && loadKg <= 3 * 0.4536);
		assert.ok(waitKg > 0 && waitPacks[0] === 4, 'not even one pack of 1.2 kg goes in');
	});

	it('proposed packs place every serving (property)', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 0, max: 60 }),
				fc.integer({ min: 1, max: 9 }),
				(servings, each) => {
					const placed = proposedPortions(servings, each).reduce(
						(sum, p) => sum + p.packs * p.servings,
						0
					);
					assert.equal(placed, servings);
				}
			)
		);
	});
});

describe('goes well with', () => {
	const of = (
		id: number,
		need: Record<string, number>,
		more: Partial<RankedDish> = {}
	): RankedDish => ({
		id,
		name: `dish ${id}`,
		needKg: new Map(Object.entries(need)),
		chopped: new Set(),
		ovenC: null,
		protein: null,
		frozenServings: 0,
		...more
	});
	const rank = (others: RankedDish[], leftKg = {}) =>
		goesWellWith({
			chosen: [
				of(
					1,
					{ onion: 0.3, cream: 0.2 },
					{ chopped: new Set(['onion diced']), ovenC: 180, protein: 'lamb shoulder' }
				)
			],
			others,
			leftKg,
			common: new Set(['salt'])
		});

	it('sharing, using up, chopping once and one oven count; the same meat again and a full freezer count against', () => {
		const plain = of(2, { rice: 0.3, salt: 0.01 });
		const better = [
			of(3, { onion: 0.2 }),
			of(4, { cream: 0.1 }),
			of(5, { rice: 0.2 }, { chopped: new Set(['onion diced']) }),
			of(6, { rice: 0.2 }, { ovenC: 175 })
		];
		const worse = [
			of(7, { rice: 0.3 }, { protein: 'lamb shoulder' }),
			of(8, { rice: 0.3 }, { frozenServings: 12 })
		];
		const order = rank([plain, ...better, ...worse], { cream: 0.1 }).map((match) => match.id);
		assert.deepEqual(new Set(order.slice(0, 4)), new Set([3, 4, 5, 6]));
		assert.equal(order[4], 2);
		assert.ok(rank([plain])[0].reasons.length === 0, 'salt is nothing to share');
	});
});

it('costs are kept: shares of dishes sum to the list, used never above whole (property)', () => {
	const prices: PriceEntry[] = [
		{ id: 1, itemName: 'onion', label: '1 kg net', sizeKg: 1, priceCents: 180, shop: '' },
		{ id: 2, itemName: 'rice', label: '500 g', sizeKg: 0.5, priceCents: 120, shop: '' }
	];
	const line = fc.record({
		dish: fc.constantFrom('a', 'b', 'c'),
		text: fc.constant('x'),
		itemName: fc.constantFrom('onion', 'rice', 'carrot'),
		item: fc.constant('carrot'),
		massKg: fc.double({ min: 0.01, max: 2, noNaN: true }),
		stage: fc.constant('pack' as const)
	});
	fc.assert(
		fc.property(fc.array(line, { minLength: 1, maxLength: 12 }), (lines) => {
			const priced = priceLines({
				lines: shoppingList({ lines }),
				prices,
				prefer: 'price',
				withStaples: true
			});
			const costs = dishCosts(priced);
			const sum = (values: (number | null)[]) => values.reduce<number>((a, b) => a + (b ?? 0), 0);
			assert.ok(
				Math.abs(sum(costs.map((c) => c.wholeCents)) - sum(priced.map((p) => p.wholeCents))) < 1e-6
			);
			for (const cost of costs) assert.ok(cost.usedCents <= cost.wholeCents + 1e-6);
			assert.equal(
				costs.some((c) => c.unpriced.includes('carrot')),
				lines.some((l) => l.itemName === 'carrot')
			);
		})
	);
});
