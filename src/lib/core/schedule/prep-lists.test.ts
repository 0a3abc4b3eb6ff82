import assert from 'node:assert/strict';
import { it } from 'node:test';
import { cansOf, prepLists, type PrepDish, type PrepLine } from './prep-lists.ts';

const line = (text: string, itemName: string, more: Partial<PrepLine> = {}): PrepLine => ({
	text,
	itemName,
	item: itemName,
	cut: '',
	massKg: null,
	pieces: null,
	cans: cansOf(text),
	stage: 'pack',
	form: null,
	...more
});
const goulash: PrepDish = {
	id: 1,
	name: 'goulash',
	state: 'cooked',
	batches: 1,
	lines: [
		line('2 onions, diced', 'onion', { cut: 'diced', massKg: 0.22, pieces: 2 }),
		line('1.2 kg beef shin, diced', 'beef shin', { cut: 'diced', massKg: 1.2 }),
		line('1 tsp caraway', 'spice'),
		line('1.2 l stock', 'stock', { massKg: 1.2 }),
		line('150 g sour cream, to serve', 'cream', { stage: 'serve', massKg: 0.15 })
	]
};
const chard: PrepDish = {
	id: 2,
	name: 'chard stew',
	state: 'cooked',
	batches: 2,
	lines: [
		line('2.5 onions, diced', 'onion', { cut: 'diced', massKg: 0.275, pieces: 2.5 }),
		line('3 x 240 g cans chickpeas, drained', 'chickpeas', { massKg: 0.72, cut: 'drained' }),
		line('80 g hard cheese, grated', 'hard cheese', { cut: 'grated', massKg: 0.08 })
	]
};
const lists = prepLists([goulash, chard]);

it('onion, diced: 7, 770 g, of it 2 to the goulash (five onions of 110 g in two batches and two)', () => {
	const onion = lists.chop.find(({ key }) => key === 'chop:onion, diced');
	assert.equal(onion?.pieces, 7);
	assert.ok(Math.abs((onion?.massKg ?? 0) - 0.77) < 1e-9);
	assert.deepEqual(
		onion?.shares.map(({ dish, pieces }) => [dish, pieces]),
		[
			['goulash', 2],
			['chard stew', 5]
		]
	);
	// 770 g of diced onion are 4¾ cups of 160 g (household weights, from memory)
	assert.ok(Math.abs((onion?.litres ?? 0) / 0.236588 - 4.8) < 0.3, String(onion?.litres));
});
it('cans by their count, meats to cook through, cheese, spices; what is served is left out; raw meat is cut last', () => {
	assert.equal(lists.cans[0].pieces, 6);
	assert.deepEqual(
		lists.meats.map(({ item }) => item),
		['beef shin']
	);
	assert.equal(lists.chop.at(-1)?.item, 'beef shin');
	assert.equal(lists.cheese[0].massKg, 0.16);
	assert.deepEqual(lists.spices[0].lines, ['1 tsp caraway']);
	assert.ok(!JSON.stringify(lists).includes('sour cream'));
});
it('cans as they are written', () => {
	assert.deepEqual(
		['2 x 400 g cans tomatoes', '3 cans beans', '1 (14 oz) can milk', '400 g tomatoes'].map(cansOf),
		[2, 3, 1, null]
	);
});
