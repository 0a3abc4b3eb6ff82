import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { oddLines } from './fixtures/odd-lines.ts';
import {
	correctedLine,
	parseIngredientLine,
	parseIngredientLines,
	parsedLineKg
} from './ingredient-line.ts';
import { correctionsOf } from './line-corrections.ts';

it('lines as cooks of five countries write them: item, weight and stage as a careful reader takes them', () => {
	const wrong = oddLines.filter(([text, item, kg, stage = 'pack']) => {
		const line = parseIngredientLine(text);
		assert.equal(line.text, text);
		const mass = parsedLineKg(line);
		const weight = kg === null ? mass === null : mass !== null && Math.abs(mass / kg - 1) < 0.06;
		return line.itemName !== item || !weight || line.stage !== stage;
	});
	assert.ok(oddLines.length >= 400);
	assert.ok(wrong.length <= 0.01 * oddLines.length, wrong.map(([text]) => text).join('; '));
});

describe('amounts (NIST Handbook 44 for units; the rest common practice, no source)', () => {
	const rows: [string, number | null, string | null, to?: number][] = [
		['1.6kg beef', 1.6, 'kg'],
		['½ tsp salt', 0.5, 'tsp'],
		['1½kg beef', 1.5, 'kg'],
		['1 & 1/2 cups milk', 1.5, 'cup'],
		['2-1/2 cups flour', 2.5, 'cup'],
		['1,5 l water', 1.5, 'l'],
		['1,000 g potatoes', 1000, 'g'],
		['2 T oil', 2, 'tbsp'],
		['2 t oil', 2, 'tsp'],
		['1 lb 4 oz beef', 1.25, 'lb'],
		['1 cup plus 2 tbsp flour', 1.125, 'cup'],
		['2 x 400g tins tomatoes', 800, 'g'],
		['2 - 4 oz cans chillies', 8, 'oz'],
		['1 (14 oz) can tomatoes', 14, 'oz'],
		['half a 400 ml tin coconut milk', 200, 'ml'],
		['3 tins (400g each) kidney beans', 1200, 'g'],
		['4 chicken breasts (200 g each)', 800, 'g'],
		['1 swede (about 600 g)', 600, 'g'],
		['200g/7oz flour', 200, 'g'],
		['2-3 carrots', 2, 'piece', 3],
		['1 dozen eggs', 12, 'piece'],
		['half a dozen eggs', 6, 'piece'],
		['6 cloves garlic', 6, 'clove'],
		['6 cloves', 6, 'piece'],
		['butter 50 g', 50, 'g'],
		['onions x 2', 2, 'piece'],
		['salt to taste', null, null]
	];
	for (const [text, quantity, unit, to] of rows)
		it(text, () => {
			const line = parseIngredientLine(text);
			assert.equal(line.unit, unit);
			if (quantity === null) assert.equal(line.quantity, null);
			else assert.ok(Math.abs((line.quantity ?? NaN) - quantity) < 0.01, String(line.quantity));
			assert.equal(line.quantityTo, to ?? null);
		});
});

it('an amount whose unit is not understood is not known, never one piece', () => {
	for (const text of ['1 katori toor dal', '3 wotsits flour', '1 gill cream']) {
		const line = parseIngredientLine(text);
		assert.equal(line.unit, null, text);
		assert.equal(parsedLineKg(line), null, text);
		assert.ok(line.doubts.includes('amount'), text);
	}
});

it('the cut is kept whole, what is bought so keeps its name, stage and options are read', () => {
	const cut = (text: string) => parseIngredientLine(text).cut;
	assert.equal(cut('2 onions, finely diced'), 'finely diced');
	assert.equal(cut('600g chicken thighs, cut into 2 cm cubes'), 'cut into 2 cm cubes');
	assert.equal(cut('1 kent pumpkin, peeled, seeded, chopped'), 'peeled, seeded, chopped');
	assert.equal(parseIngredientLine('50 g ground almonds').item, 'ground almonds');
	assert.equal(parseIngredientLine('2 cups chopped onions').item, 'onions');
	assert.equal(parseIngredientLine('120 ml cream, added on the day').stage, 'cook-day');
	assert.equal(parseIngredientLine('parsley to serve').stage, 'serve');
	assert.ok(parseIngredientLine('1 cup cream (optional)').optional);
	assert.deepEqual(parseIngredientLine('200 g butter or margarine').alternatives, ['margarine']);
});

it('headings are no ingredients; what stands under "To serve:" is served', () => {
	const lines = parseIngredientLines(
		'For the sauce:\n2 onions\nTo serve:\nparsley\nFOR THE DOUGH\n1 egg'
	);
	assert.deepEqual(
		lines.map(({ heading = false, stage }) => (heading ? 'heading' : stage)),
		['heading', 'pack', 'heading', 'serve', 'heading', 'pack']
	);
});

it('drained goes into the pot without its liquid; dried beans are not canned ones', () => {
	const kg = (text: string) => parsedLineKg(parseIngredientLine(text)) ?? NaN;
	const item = (text: string) => parseIngredientLine(text).itemName;
	// a usual 400 g can of pulses holds 240 g (facts of the trade, from memory)
	assert.ok(Math.abs(kg('1 x 400 g tin chickpeas, drained') - 0.24) < 0.01);
	assert.ok(Math.abs(kg('1 x 400 g tin chickpeas') - 0.4) < 0.01);
	assert.equal(item('1 cup rajma, soaked overnight'), 'dried kidney beans');
	assert.equal(item('500 g dried black beans'), 'dried black beans');
	assert.equal(item('2 tins kidney beans'), 'kidney beans');
	assert.ok(parseIngredientLine('400 g kidney beans').doubts.includes('dried-or-cooked'));
	assert.equal(
		item('400 g kidney beans'),
		'dried kidney beans',
		'until it is said, the unsafe one'
	);
});

it('what cannot be read is kept as text and marked', () => {
	const line = parseIngredientLine('whatever the garden gives');
	assert.deepEqual([line.understood, line.doubts], ['text', ['unknown']]);
	assert.equal(line.text, 'whatever the garden gives');
	const perhaps = parseIngredientLine('lemon posset');
	assert.deepEqual([perhaps.itemName, perhaps.doubts], ['lemon', ['perhaps']]);
});

it('an answer settles a doubt, is found again in the saved line, and comes back with it', () => {
	const fresh = parseIngredientLines('lemon posset\n2 glarks of moonroot\n1 katori toor dal');
	const answers = {
		'lemon posset': { settled: true } as const,
		'2 glarks of moonroot': { itemName: 'other vegetable or fruit' },
		'1 katori toor dal': { quantity: 180, quantityTo: null, unit: 'g' } as const
	};
	const saved = fresh.map((line) =>
		correctedLine(line, answers[line.text as keyof typeof answers])
	);
	assert.deepEqual(saved.map(({ doubts }) => doubts).flat(), []);
	const again = correctionsOf(saved);
	const back = fresh.map((line) => correctedLine(line, again[line.text]));
	assert.deepEqual(back, saved);
});

/** Pieces of real lines and of noise, put together in any order. */
const bits = fc.oneof(
	fc.constantFrom(...oddLines.map(([text]) => text)),
	fc.constantFrom(
		'½',
		'1/0',
		'(',
		')',
		' x ',
		'-',
		'–',
		',',
		'/',
		'of',
		'or',
		'and',
		'tin',
		'400 g',
		':',
		'▢'
	),
	fc.string({ unit: 'grapheme', maxLength: 12 })
);

it('20,000 random lines: none throws, none loses a word (property)', () => {
	fc.assert(
		fc.property(fc.array(bits, { maxLength: 6 }), (parts) => {
			const text = parts.join(' ').replace(/[\r\n]/g, ' ');
			const lines = parseIngredientLines(text);
			assert.equal(lines.map((line) => line.text).join(' '), text.trim());
			for (const line of lines) {
				assert.ok(line.item.length > 0);
				assert.ok(line.quantity === null || Number.isFinite(line.quantity));
				const kg = parsedLineKg(line);
				assert.ok(kg === null || (Number.isFinite(kg) && kg >= 0));
			}
		}),
		{ numRuns: 20_000 }
	);
});

it('a line of 20,000 characters of fractions stands as text, at once', () => {
	const long = '1/2 '.repeat(5000).trim();
	const line = parseIngredientLine(long);
	assert.equal(line.text, long);
	assert.equal(line.understood, 'text');
	assert.equal(parsedLineKg(line), null);
});
