import assert from 'node:assert/strict';
import { it } from 'node:test';
import { dishes } from '../../../scripts/data/demo-household.ts';
import { homeDishes } from '../core/fixtures/home-dishes.ts';
import { parseIngredientLines } from './ingredient-line.ts';

const lines = [
	...Object.values(homeDishes).map((list) => list.join('\n')),
	...dishes.map((dish) => dish.lines)
].flatMap(parseIngredientLines);

it('knows the item of 95 % of the lines of the demo and of thirty further dishes, and the weight of nine in ten', () => {
	assert.equal(Object.keys(homeDishes).length, 30);
	const unknown = lines.filter((line) => line.itemName === null).map((line) => line.text);
	assert.ok(unknown.length <= 0.05 * lines.length, unknown.join('; '));
	const weighed = lines.filter((line) => line.understood === 'full');
	assert.ok(weighed.length >= 0.9 * lines.length, `${weighed.length} of ${lines.length}`);
});

it('takes the thing, not its namesake', () => {
	const item = (text: string) => parseIngredientLines(text)[0].itemName;
	assert.equal(item('1 pepper'), 'sweet pepper');
	assert.equal(item('1 tsp pepper'), 'black pepper');
	assert.notEqual(item('500 g sweet potatoes'), item('500 g potatoes'));
	assert.notEqual(item('400 ml coconut milk'), item('400 ml milk'));
});
