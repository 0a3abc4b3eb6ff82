import assert from 'node:assert/strict';
import { it } from 'node:test';
import { itemByName } from '../foods/item-catalogue.ts';
import { substitutesFor } from './substitutes.ts';

it('what the recipe names comes before what only belongs to the group; amounts are reckoned anew', () => {
	const [first, ...rest] = substitutesFor({ item: itemByName('chard'), toBuyKg: 0.8 }, ['cabbage']);
	assert.deepEqual([first.itemName, first.from], ['cabbage', 'line']);
	assert.deepEqual(
		rest.map((one) => one.itemName),
		['spinach', 'kale']
	);
	assert.ok(rest.every((one) => one.massKg > 0));
	assert.deepEqual(substitutesFor({ item: null, toBuyKg: 1 }, ['onion']), []);
	assert.deepEqual(substitutesFor({ item: itemByName('onion'), toBuyKg: null }, []), []);
});
