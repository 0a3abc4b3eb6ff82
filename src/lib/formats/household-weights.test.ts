import assert from 'node:assert/strict';
import { it } from 'node:test';
import { parsedLineKg, parseIngredientLine } from './ingredient-line.ts';

const grams = (text: string) => (parsedLineKg(parseIngredientLine(text)) ?? NaN) * 1000;

it('household weights (USDA FoodData Central, from memory), within 5 %', () => {
	for (const [text, published] of [
		['1 cup flour', 125],
		['1 cup sugar', 200],
		['1 cup rice', 185],
		['1 cup butter', 227],
		['1 cup honey', 339],
		['1 cup soy sauce', 255],
		['1 cup tomato paste', 262],
		['1 cup grated hard cheese', 113],
		['1 cup chopped onion', 160],
		['1 onion', 110],
		['1 cup chopped carrot', 128],
		['1 cup chopped celery', 101],
		['1 cup chopped sweet pepper', 149],
		['1 sweet pepper', 119],
		['1 clove garlic', 3]
	] as const)
		assert.ok(
			Math.abs(grams(text) / published - 1) < 0.05,
			`${text}: ${grams(text)} for ${published}`
		);
});

it('units (NIST Handbook 44, from memory)', () => {
	const water = (text: string) => grams(`${text} water`);
	for (const [text, ml] of [
		['1 cup', 236.588],
		['1 tablespoon', 14.7868],
		['1 teaspoon', 4.92892],
		['1 pint', 473.176],
		['1 quart', 946.353],
		['1 gallon', 3785.41]
	] as const)
		assert.ok(Math.abs(water(text) / ml - 1) < 0.01, text);
	assert.ok(Math.abs(grams('1 lb onions') - 453.592) < 0.01);
	assert.ok(Math.abs(grams('1 oz rice') - 28.3495) < 0.01);
});
