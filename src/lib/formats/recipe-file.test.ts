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

	it('what programs get wrong is read all the same: raw breaks, charset, nesting, stubs, objects', () => {
		const script = (json: string) =>
			`<html><script type="application/ld+json; charset=utf-8">${json}</script></html>`;
		const one = (text: string) => {
			const { recipes } = readRecipes(text, 'x');
			assert.equal(recipes.length, 1, text);
			return recipes[0];
		};
		const broken = one(
			script(
				'{"@type":"Recipe","name":"Dal","recipeIngredient":["300 g lentils",],"recipeInstructions":"Boil.\nStir."}'
			)
		);
		assert.deepEqual([broken.ingredients, broken.method], [['300 g lentils'], 'Boil.\nStir.']);
		const nested = one(
			'{"@type":"Recipe","name":"Rice","recipeIngredient":["rice"],"recipeInstructions":[["Fry.","Stir."]]}'
		);
		assert.equal(nested.method, 'Fry.\nStir.');
		const stub = one(
			'{"@graph":[{"@type":"Recipe","@id":"#r"},{"@type":"Recipe","name":"Dal","recipeIngredient":["lentils"]}]}'
		);
		assert.equal(stub.name, 'Dal');
		const objects = one(
			'{"@type":"Recipe","name":"Dal","recipeIngredient":[{"amount":"300","unit":"g","name":"lentils","note":"rinsed"}]}'
		);
		assert.deepEqual(objects.ingredients, ['300 g lentils, rinsed']);
		const marked = one(
			'<!doctype html><div itemscope itemtype="https://schema.org/Recipe"><b itemprop="name">Stew</b><i itemprop="recipeYield">Serves 4</i><li itemprop="recipeIngredient">1 kg lamb</li><p itemprop="recipeInstructions">Simmer.</p></div>'
		);
		assert.deepEqual(
			[marked.name, marked.servings, marked.ingredients],
			['Stew', 4, ['1 kg lamb']]
		);
	});

	it('yields and ISO 8601 durations', () => {
		for (const [raw, servings] of [
			['Serves 4-6', 5],
			[8, 8],
			[{ value: '3' }, 3],
			['makes two loaves', 2],
			['One 9-inch pie, about 8 slices', 8],
			['1 (9x13) pan, 12 servings', 12],
			['Serves two', 2],
			['1 loaf (8 slices)', 8],
			['for 6 people', 6],
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

it('texts in other words: heads, yields, times, parts, amounts on their own line, several recipes', () => {
	const texts = {
		blog: 'Bean chili\nJump to Recipe · Print\nPrep Time: 15 minutes\nServings: 8\n\nINGREDIENTS:\n▢ 2 cans black beans\n▢ 1 onion\n\nINSTRUCTIONS:\nSimmer for an hour.\n\nNOTES:\nFreezes well.',
		before: 'Meatballs\nSteps\nRoll and freeze.\nWhat you need\n500 g mince\n1 egg\nMakes 20',
		columns: 'Soup\nIngredients (serves 6)\n300 g\nlentils\n2\ncarrots\nProcedure:\nBoil it.'
	};
	const of = (text: string) => readRecipes(text, 'x').recipes;
	const [blog] = of(texts.blog);
	assert.deepEqual([blog.servings, blog.ingredients.length], [8, 2]);
	assert.match(blog.method, /Simmer.*Freezes well/s);
	const [before] = of(texts.before);
	assert.deepEqual([before.servings, before.ingredients], [20, ['500 g mince', '1 egg']]);
	const [columns] = of(texts.columns);
	assert.deepEqual([columns.servings, columns.ingredients], [6, ['300 g lentils', '2 carrots']]);
	const [letter] = of(
		'Hi Anna, here it is!\nPotato gratin, serves 8\nIngredients –\n• 1.5 kg potatoes\nDirections –\nBake it.'
	);
	assert.deepEqual(
		[letter.name, letter.servings, letter.ingredients],
		['Potato gratin', 8, ['• 1.5 kg potatoes']]
	);
	const both = of(`${texts.blog}\n\n${texts.columns}`);
	assert.deepEqual(
		both.map(({ name }) => name),
		['Bean chili', 'Soup']
	);
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
	const minutes = (method: string) => guessInstruction(method)?.minutes;
	assert.deepEqual(minutes('Slow-cook on low 8 to 10.'), { from: 480, to: 600 });
	assert.equal(minutes('Slow-cook on low with 2 cups of stock.'), undefined);
	assert.equal(minutes('Fry on high for 5 minutes.'), undefined, 'that is the hob');
	assert.deepEqual(minutes('Slow cook for 1 hour 30 minutes.'), { from: 90, to: 90 });
	assert.deepEqual(minutes('Pressure cook for 1½-2 hours.'), { from: 90, to: 120 });
	assert.deepEqual(minutes('Cook on high for an hour and a half.'), { from: 90, to: 90 });
	// gas mark 4 is 180 °C (common practice, from memory); heated some sentences before
	const heated = guessInstruction('Heat the oven to gas mark 4. Layer it. Bake for 40 minutes.');
	assert.deepEqual(
		[heated?.method, heated?.minutes],
		[
			{ appliance: 'oven', ovenC: 180, covered: true },
			{ from: 40, to: 40 }
		]
	);
	assert.equal(guessInstruction('Stir.'), null);
});
