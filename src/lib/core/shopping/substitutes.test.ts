import assert from 'node:assert/strict';
import { it } from 'node:test';
import { substitutesFor } from './substitutes.ts';

it('what the recipe names comes before what only belongs to the group; amounts are reckoned anew', () => {
	const [first, ...rest] = substitutesFor({ key: 'chard', toBuyKg: 0.8 }, ['cabbage']);
	assert.deepEqual([first.itemName, first.from], ['cabbage', 'line']);
	assert.deepEqual(
		rest.map((one) => one.itemName),
		['spinach', 'kale']
	);
	assert.ok(rest.every((one) => one.massKg > 0));
	assert.deepEqual(substitutesFor({ key: 'moon dust', toBuyKg: 1 }, ['onion']), []);
	assert.deepEqual(substitutesFor({ key: 'onion', toBuyKg: null }, []), []);
});
