import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import { parsedLineKg, parseIngredientLine } from '../../formats/ingredient-line.ts';
import { allItems } from '../foods/item-catalogue.ts';
import { shoppingList, type NeedLine } from './shopping-list.ts';

const need = (dish: string, text: string): NeedLine => {
	const line = parseIngredientLine(text);
	return {
		dish,
		text,
		itemName: line.itemName,
		item: line.item,
		massKg: parsedLineKg(line),
		stage: line.stage
	};
};

it('three onions, two cups chopped and 150 g are one line (USDA FoodData Central: 110 g each, 160 g a cup)', () => {
	const [onion, ...rest] = shoppingList({
		lines: [
			need('goulash', '3 onions'),
			need('dal', '2 cups chopped onion'),
			need('ragù', '150 g onion')
		],
		stockKg: { onion: 0.2 }
	});
	assert.equal(rest.length, 0);
	assert.ok(Math.abs((onion.massKg ?? 0) - (0.33 + 0.32 + 0.15)) < 0.002, `${onion.massKg}`);
	assert.ok(Math.abs((onion.toBuyKg ?? 0) - (onion.massKg! - 0.2)) < 1e-9);
	assert.deepEqual([onion.aisle, onion.shares.length], ['greens', 3]);
});

it('amounts are kept: shares sum to the line, stock and what is to buy too (property)', () => {
	const names = allItems.map((item) => item.name);
	const line = fc.record({
		dish: fc.constantFrom('a', 'b', 'c'),
		text: fc.string(),
		itemName: fc.option(fc.constantFrom(...names), { nil: null }),
		item: fc.constantFrom('mystery', 'moon dust'),
		massKg: fc.option(fc.double({ min: 0, max: 5, noNaN: true }), { nil: null }),
		stage: fc.constantFrom('pack' as const, 'cook-day' as const)
	});
	const stock = fc.dictionary(
		fc.constantFrom(...names),
		fc.double({ min: 0, max: 3, noNaN: true })
	);
	fc.assert(
		fc.property(fc.array(line, { maxLength: 40 }), stock, (lines, stockKg) => {
			const list = shoppingList({ lines, stockKg });
			const sum = (values: (number | null)[]) => values.reduce<number>((a, b) => a + (b ?? 0), 0);
			const wanted = sum(lines.map((l) => l.massKg));
			assert.ok(Math.abs(sum(list.map((l) => l.massKg)) - wanted) < 1e-6);
			for (const l of list) {
				assert.ok(Math.abs(sum(l.shares.map((s) => s.massKg)) - (l.massKg ?? 0)) < 1e-9);
				if (l.massKg !== null) assert.ok(Math.abs(l.fromStockKg + l.toBuyKg! - l.massKg) < 1e-9);
				assert.ok(l.fromStockKg >= 0 && l.fromStockKg <= (stockKg[l.key] ?? 0) + 1e-12);
			}
			assert.equal(sum(list.map((l) => l.shares.length)), lines.length, 'no line is lost');
		})
	);
});

it('what is for the cooking day is bought now or that week by how it keeps', () => {
	const keeps = (text: string) =>
		shoppingList({ lines: [{ ...need('x', text), stage: 'cook-day' }] })[0].keeps;
	assert.deepEqual(['200 g pasta', '200 ml cream', '100 g spinach', '2 onions'].map(keeps), [
		'buy-now',
		'buy-that-week',
		'buy-that-week',
		'buy-now'
	]);
});
