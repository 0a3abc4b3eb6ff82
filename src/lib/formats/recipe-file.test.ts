import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { guessInstruction, guessKind } from './guess-dish.ts';
import { guessState } from './guess-state.ts';
import { parseIngredientLines } from './ingredient-line.ts';
import { readRecipes } from './recipe-file.ts';
import { durationMin } from './recipe-jsonld.ts';
import { recipeJsonLd, recipePlainText, type WrittenDish } from './recipe-write.ts';
import { servingsOf } from './recipe-yield.ts';

const read = (value: unknown) => readRecipes(JSON.stringify(value), 'file').recipes;

describe('schema.org files as other programs could have written them', () => {
	it('a graph, types as lists, yields as text, sections, entities, fractions', () => {
		const [recipe] = read({
			'@context': 'https://schema.org',
			'@graph': [
				{ '@type': 'WebSite', name: 'x' },
				{
					'@type': ['Recipe', 'NewsArticle'],
					name: 'Lamb &amp; apricot tagine',
					recipeYield: ['6', '6 servings'],
					recipeIngredient: ['1&frac12; kg lamb shoulder', '½ tsp salt', ''],
					recipeInstructions: [
						{
							'@type': 'HowToSection',
							name: 'Start',
							itemListElement: [{ '@type': 'HowToStep', text: '<p>Chop it.</p><p>Fry it.</p>' }]
						},
						{ '@type': 'HowToStep', name: 'Simmer for 2 hours.' }
					]
				}
			]
		});
		assert.equal(recipe.name, 'Lamb & apricot tagine');
		assert.equal(recipe.servings, 6);
		assert.deepEqual(recipe.ingredients, ['1½ kg lamb shoulder', '½ tsp salt']);
		assert.equal(recipe.method, 'Start:\nChop it.\nFry it.\nSimmer for 2 hours.');
	});

	it('missing fields, one string for everything, the old name of the ingredients, a time but no words', () => {
		const [recipe] = read([
			{
				'@type': 'http://schema.org/Recipe',
				ingredients: '2 onions\n1 kg beef',
				recipeInstructions: 'Stew it.',
				cookTime: 'PT1H30M'
			}
		]);
		assert.equal(recipe.name, 'Recipe without a name');
		assert.equal(recipe.servings, null);
		assert.deepEqual(recipe.ingredients, ['2 onions', '1 kg beef']);
		assert.equal(recipe.method, 'Stew it.\nCook for 90 minutes.');
	});

	it('a page with its scripts; what is no recipe is said, never thrown', () => {
		const page = `<!doctype html><html><head><script type="application/ld+json">{"@type":"Recipe","name":"Dal","recipeIngredient":["300 g red lentils"]}</script></head></html>`;
		assert.equal(readRecipes(page, 'page').recipes[0].name, 'Dal');
		for (const text of ['{"@type":"Person"}', '{broken', '<html><body>no</body></html>', '', '[]'])
			assert.equal(readRecipes(text, 'x').problems.length, 1, text);
		fc.assert(fc.property(fc.string(), (text) => void readRecipes(text, 'x')));
		fc.assert(fc.property(fc.json(), (text) => void readRecipes(text, 'x')));
	});

	it('yields and ISO 8601 durations', () => {
		for (const [raw, servings] of [
			['Serves 4-6', 5],
			[8, 8],
			[{ value: '3' }, 3],
			['makes two loaves', 2],
			['a lot', null]
		] as const)
			assert.equal(servingsOf(raw), servings);
		assert.deepEqual(['PT45M', 'P1DT2H', 'P0DT1H30M', 'soon'].map(durationMin), [
			45,
			1560,
			90,
			null
		]);
	});
});

const words = fc
	.stringMatching(/^[A-Za-z][A-Za-z ,éàü½]{2,40}[a-z]$/)
	.map((s) => s.replace(/\s+/g, ' '));
const dish: fc.Arbitrary<WrittenDish> = fc.record({
	name: words,
	servings: fc.integer({ min: 1, max: 100 }),
	kind: fc.constantFrom('pulse-soup' as const, 'tough-cut' as const),
	state: fc.constantFrom('raw' as const, 'cooked' as const),
	addOnDay: fc.oneof(fc.constant(''), words),
	ingredients: fc.array(
		words.map((item) => `2 cups ${item}`),
		{ minLength: 1, maxLength: 8 }
	),
	method: fc.array(words, { maxLength: 5 }).map((lines) => lines.join('\n')),
	instruction: fc.constantFrom(null, {
		method: { appliance: 'oven' as const, ovenC: 180, covered: true },
		state: 'thawed' as const,
		minutes: { from: 30, to: 40 }
	}),
	stages: fc.constant([])
});

it('a dish written as JSON-LD reads back the same; as text with its name, amounts and method (property)', () => {
	fc.assert(
		fc.property(dish, (one) => {
			const { name, servings, ingredients, method, ...own } = one;
			const [back] = read(recipeJsonLd(one));
			assert.deepEqual(back, {
				name,
				servings,
				ingredients,
				method,
				own: JSON.parse(JSON.stringify(own))
			});
			const [text] = readRecipes(
				recipePlainText({ ...one, addOnDay: '', method: method || 'Cook it.' }),
				'x'
			).recipes;
			assert.deepEqual(
				[text.name, text.servings, text.ingredients, text.method],
				[name, servings, ingredients, method || 'Cook it.']
			);
		})
	);
});

it('a pasted text without headings: amounts are ingredients, sentences the method', () => {
	const [recipe] = readRecipes(
		'Dal\nServes 4\n300 g red lentils\n2 onions\nmoon dust\nsalt\nBoil the lentils until soft.\nFry the onions and stir them in.',
		'x'
	).recipes;
	assert.deepEqual([recipe.name, recipe.servings, recipe.ingredients.length], ['Dal', 4, 4]);
	assert.match(recipe.method, /^Boil.*\nFry/s);
});

it('guesses kind, state and instruction from words', () => {
	const lines = parseIngredientLines('1.5 kg lamb shoulder\n200 g apricots');
	assert.equal(guessKind({ name: 'Lamb tagine', method: '', lines }), 'meat-in-sauce');
	assert.equal(guessKind({ name: 'Aubergine bake', method: '', lines: [] }), 'assembled-bake');
	assert.equal(guessState('Chop. Put everything into the bag. Freeze.'), 'raw');
	assert.deepEqual(guessInstruction('Fry.\nCook on low for 6 to 8 hours.'), {
		method: { appliance: 'slow-cooker', setting: 'low' },
		state: 'fresh',
		minutes: { from: 360, to: 480 }
	});
	assert.deepEqual(guessInstruction('Bake at 350 °F for 35-40 minutes.')?.method, {
		appliance: 'oven',
		ovenC: 175,
		covered: true
	});
	assert.equal(guessInstruction('Stir.'), null);
});
