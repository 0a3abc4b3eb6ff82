import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import { parsedLineKg, parseIngredientLine } from '../../formats/ingredient-line.ts';
import { allItems } from '../foods/item-catalogue.ts';
import { priceLines } from './shop-costs.ts';
import { shoppingList, type NeedLine } from './shopping-list.ts';

const need = (dish: string, text: string): NeedLine => {
	const line = parseIngredientLine(text);
	return {
		dish,
		text,
		itemName: line.itemName,
		item: line.item,
		massKg: parsedLineKg(line),
		stage: line.stage,
		quantity: line.quantity,
		unit: line.unit,
		cut: line.cut,
		form: line.form
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

it('the cook’s own words; two things are one line only when they are one thing to buy', () => {
	const names = (...lines: string[]) =>
		shoppingList({ lines: lines.map((text, i) => need(`dish ${i}`, text)) }).map(
			({ name }) => name
		);
	assert.deepEqual(names('2 tins black beans', '300 g smoked haddock').sort(), [
		'black beans',
		'smoked haddock'
	]);
	for (const [one, other] of [
		['2 limes', '1 lemon'],
		['1 bunch parsley', '2 bay leaves'],
		['200 g mozzarella', '80 g parmesan'],
		['2 tins black beans', '1 tin kidney beans'],
		['1 tsp star anise', '1 tsp allspice'],
		['1 red onion', '1 onion'],
		['1 l chicken stock', '1 chicken carcass'],
		['200 g smoked haddock', '200 g cod'],
		['1 kg pumpkin', '1 butternut squash']
	])
		assert.equal(names(one, other).length, 2, `${one} and ${other}`);
	for (const [one, other] of [
		['2 large carrots', '1 carrot, diced'],
		['1 bunch cilantro', 'coriander leaves'],
		['2 zucchini', '1 courgette'],
		['500 g ground beef', '200 g beef mince']
	])
		assert.equal(names(one, other).length, 1, `${one} and ${other}`);
});

it('what is drained into the dish is bought with its liquid; a tin of 400 mL covers what its recipe calls a tin', () => {
	const [beans] = shoppingList({ lines: [need('chili', '2 x 400 g tins kidney beans, drained')] });
	assert.ok(Math.abs((beans.massKg ?? 0) - 0.8) < 0.01, String(beans.massKg));
	const lines = shoppingList({ lines: [need('curry', '2 tins coconut milk')] });
	const tin = {
		id: 1,
		itemName: 'coconut milk',
		label: 'tin',
		sizeKg: 0.385,
		priceCents: 120,
		shop: ''
	};
	const [priced] = priceLines({ lines, prices: [tin], prefer: 'price', withStaples: true });
	assert.equal(priced.packs[0].count, 2);
});
