import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { dishFacts, type FactLine } from './dish-facts.ts';
import { allItems } from './item-catalogue.ts';
import { findItem } from './find-item.ts';
import { compositionKeys } from './composition.ts';

const line = (text: string, massKg: number, stage: FactLine['stage'] = 'pack'): FactLine => ({
	item: findItem(text),
	massKg,
	stage,
	text
});

describe('what follows from the lines of a dish', () => {
	const chicken = dishFacts({
		kind: 'lean-pieces',
		state: 'raw',
		lines: [
			line('chicken thighs', 0.8),
			line('leeks', 0.4),
			line('mustard', 0.015),
			line('cream', 0.12, 'cook-day')
		]
	});

	it('a raw kit with poultry: its core temperature, allergens of every line, storage by its parts', () => {
		assert.equal(chicken.content, 'raw-meat');
		assert.equal(chicken.core, 'poultry');
		assert.ok(chicken.allergens.includes('mustard') && chicken.allergens.includes('milk'));
		assert.deepEqual(chicken.parts.map((p) => p.group).sort(), ['poultry-pieces', 'vegetables']);
	});

	it('what is kept back does not count into the pack', () => {
		assert.ok(Math.abs(chicken.packedKg - 1.215) < 1e-9);
		assert.equal(chicken.compositionFrom, 'lines');
	});

	it('a mix lies between its parts and sums to one', () => {
		const { composition } = chicken.food;
		const sum = compositionKeys.reduce((s, key) => s + composition[key], 0);
		assert.ok(Math.abs(sum - 1) < 1e-9);
		const water = ['chicken thighs', 'leeks', 'mustard'].map(
			(t) => findItem(t)?.composition.water ?? NaN
		);
		assert.ok(composition.water > Math.min(...water) && composition.water < Math.max(...water));
	});

	it('of too little known lines it takes the kind’s default and says so', () => {
		const unknown = { item: null, massKg: null, stage: 'pack', text: 'a secret' } as const;
		const facts = dishFacts({
			kind: 'pulse-soup',
			state: 'cooked',
			lines: [unknown, unknown, line('lentils', 0.3)]
		});
		assert.equal(facts.compositionFrom, 'kind');
	});

	it('the same dish cooked: leftovers at 74 °C (165 °F)', () => {
		const cooked = dishFacts({
			kind: 'meat-in-sauce',
			state: 'cooked',
			lines: [line('lamb shoulder', 1), line('onions', 0.3)]
		});
		assert.equal(cooked.coreC, 73.9);
		assert.equal(cooked.content, 'cooked');
		assert.deepEqual(
			cooked.parts.map((p) => p.group),
			['soup-stew']
		);
	});
});

it('every item sums to one, has a density between puffed and dense, and allergens in words', () => {
	for (const item of allItems) {
		const sum = compositionKeys.reduce((s, key) => s + item.composition[key], 0);
		assert.ok(Math.abs(sum - 1) < 1e-9, item.name);
		assert.ok(item.densityKgPerL > 0.02 && item.densityKgPerL < 2, item.name);
		for (const allergen of item.allergens) assert.match(allergen, /^[a-z][a-z ()]+$/, item.name);
	}
});

it('raw animal foods ask for a core temperature', () => {
	for (const item of allItems)
		if (['raw-poultry', 'raw-meat-fish', 'raw-egg'].includes(item.hygiene))
			assert.ok(item.core, item.name);
});
