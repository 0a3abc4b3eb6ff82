import assert from 'node:assert/strict';
import { it } from 'node:test';
import { dishTraits } from '../foods/dish-traits.ts';
import { findItem } from '../foods/find-item.ts';
import { cautionsAt, type Decision } from './cautions.ts';

const lines = (...names: [string, number][]) =>
	names.map(([text, massKg]) => ({ text, massKg, item: findItem(text), stage: 'pack' as const }));
const said = (
	decision: Decision,
	state: 'raw' | 'cooked',
	of: ReturnType<typeof lines>,
	name = ''
) => cautionsAt(decision, { state, traits: dishTraits({ name, state, lines: of }) });

it('dried kidney-type beans are boiled first, canned ones are not asked about (FDA Bad Bug Book, from memory)', () => {
	assert.ok(said('dish', 'raw', lines(['dried kidney beans', 0.3])).includes('boil-dried-beans'));
	assert.ok(said('cook', 'raw', lines(['dried black beans', 0.3])).includes('boil-dried-beans'));
	assert.ok(!said('cook', 'raw', lines(['canned kidney beans', 0.4])).includes('boil-dried-beans'));
});

it('poultry stuffed raw is not frozen; browned meat is no raw meat (USDA FSIS, from memory)', () => {
	const chicken = lines(['chicken breast', 0.6], ['breadcrumbs', 0.1]);
	assert.ok(said('pack', 'raw', chicken, 'Stuffed chicken').includes('not-stuffed'));
	assert.ok(!said('pack', 'raw', chicken, 'Chicken rolls').includes('not-stuffed'));
	assert.ok(!said('pack', 'cooked', chicken, 'Stuffed chicken').includes('not-stuffed'));
	assert.ok(said('dish', 'raw', chicken).includes('not-half-done'));
});

it('rice is cooled within the hour and kept for a day (UK FSA, from memory)', () => {
	const pilaf = lines(['rice', 0.3], ['carrot', 0.2]);
	assert.deepEqual(said('cool', 'cooked', pilaf), ['rice-cools-fast']);
	assert.ok(said('thaw', 'cooked', pilaf).includes('rice-one-day'));
	assert.deepEqual(said('cool', 'cooked', lines(['carrot', 0.2])), []);
});

it('garlic or herbs in oil stay cold; a spoon of oil in a stew is not that', () => {
	const pesto = lines(['olive oil', 0.1], ['basil', 0.1], ['garlic', 0.01]);
	assert.ok(said('thaw', 'raw', pesto).includes('in-oil-cold'));
	const stew = lines(['olive oil', 0.03], ['garlic', 0.01], ['carrot', 1]);
	assert.ok(!said('thaw', 'raw', stew).includes('in-oil-cold'));
});

it('at the stove: plastic off, reheated once, and never more than four lines', () => {
	const stew = lines(['beef shin', 1], ['carrot', 0.4]);
	assert.deepEqual(said('cook', 'cooked', stew), ['plastic-off', 'reheat-once', 'swollen']);
	assert.ok(!said('cook', 'raw', stew).includes('reheat-once'));
	assert.ok(said('thaw', 'raw', lines(['white fish', 0.4])).includes('fish-opened'));
});
