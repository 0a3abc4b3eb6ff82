import assert from 'node:assert/strict';
import { it } from 'node:test';
import { parseIngredientLine } from '../../formats/ingredient-line.ts';
import { sources } from '../published/sources.ts';
import { freezesBadlySource } from '../published/freezes-badly.ts';
import { freezerCheck, partCookedStep } from './freezer-check.ts';
import { nutritionPerServing } from './nutrition.ts';
import { itemByName } from './item-catalogue.ts';

const found = (text: string, state: 'raw' | 'cooked', isBake = false) =>
	freezerCheck({ lines: [parseIngredientLine(text)], state, isBake })[0]?.code ?? null;

it('names what NCHFP says does not freeze well, and leaves the rest in peace (from memory)', () => {
	assert.ok(freezesBadlySource in sources);
	for (const [text, state, code] of [
		['200 ml cream', 'cooked', 'dairy-separates'],
		['150 g soft cheese', 'raw', 'dairy-separates'],
		['2 tbsp mayonnaise', 'cooked', 'mayonnaise-separates'],
		['3 hard-boiled eggs', 'cooked', 'egg-white-rubbery'],
		['500 g potatoes, cubed', 'raw', 'potato-mealy'],
		['250 g pasta', 'cooked', 'pasta-mushy'],
		['300 g rice', 'cooked', 'pasta-mushy'],
		['1 kg potatoes, boiled', 'cooked', 'potato-mealy'],
		['1 lettuce, shredded', 'raw', 'limp'],
		['50 g crispy fried onions', 'cooked', 'fried-soggy'],
		['200 ml double cream', 'cooked', 'dairy-separates'],
		['½ cucumber', 'raw', 'limp'],
		['2 tbsp flour', 'cooked', 'thickener-weeps']
	] as const)
		assert.equal(found(text, state), code, text);
	for (const [text, state] of [
		['500 g mashed potatoes', 'raw'],
		['600 g potatoes, boiled and mashed', 'raw'],
		['2 onions, fried in butter', 'raw'],
		['400 ml coconut cream', 'cooked'],
		['1 tsp cream of tartar', 'cooked'],
		['400 g chickpeas', 'cooked'],
		['250 g pasta, boiled al dente', 'cooked'],
		['100 g hard cheese', 'raw']
	] as const)
		assert.equal(found(text, state), null, text);
	assert.equal(found('500 ml milk', 'raw', true), null, 'a bake holds its milk');
	assert.equal(found('250 g lasagne sheets', 'cooked', true), null, 'and its sheets');
	assert.equal(found('2 tbsp flour', 'cooked', true), null, 'and its sauce');
});

it('what is kept back is not named, nor what the house freezes in all the same', () => {
	const cream = { ...parseIngredientLine('200 ml cream'), stage: 'cook-day' as const };
	assert.deepEqual(freezerCheck({ lines: [cream], state: 'cooked', isBake: false }), []);
	const inPack = {
		lines: [parseIngredientLine('200 ml cream')],
		state: 'cooked',
		isBake: false
	} as const;
	assert.deepEqual(freezerCheck({ ...inPack, freezeAnyway: ['cream'] }), []);
});

it('meat only browned to be finished another day is refused (USDA FSIS)', () => {
	const ask = (method: string, state: 'raw' | 'cooked' = 'raw') =>
		partCookedStep({ method, state, hasRawMeat: true });
	assert.equal(ask('Chop. Brown the lamb on all sides. Pack raw.'), 'Brown the lamb on all sides.');
	assert.equal(ask('Brown the mince, then simmer for an hour.'), null);
	assert.equal(ask('Brown the onions.'), null);
	assert.equal(ask('Brown the lamb.', 'cooked'), null);
});

it('energy by the general Atwater factors: 100 g of sugar 1,700 kJ, of olive oil 3,700 kJ', () => {
	const of = (name: string) =>
		nutritionPerServing({
			parts: [{ composition: itemByName(name)!.composition, massKg: 0.1 }],
			servings: 1
		});
	assert.ok(Math.abs(of('sugar').energyKj - 1700) < 20);
	assert.ok(Math.abs(of('olive oil').energyKj - 3700) < 40);
	const egg = of('egg');
	assert.ok(
		Math.abs(egg.energyKcal - (4 * egg.proteinG + 9 * egg.fatG + 4 * egg.carbohydrateG)) < 1
	);
});
