import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { oddLines } from './fixtures/odd-lines.ts';
import { parseIngredientLine, parseIngredientLines, parsedLineKg } from './ingredient-line.ts';

describe('lines as cooks write them', () => {
	const rows: [string, string | null, number | null][] = [
		['800 g chicken thighs, in pieces', 'chicken thigh', 0.8],
		['1 1/2 lb boneless chicken breast', 'chicken breast', 0.68],
		['2½ cups chopped onions', 'onion', 0.4],
		['2 x 400 g cans chickpeas, drained', 'chickpeas', 0.8],
		['1 (14 oz) can chopped tomatoes', null, 0.397],
		['2-3 carrots', 'carrot', 0.175],
		['1,5 kg lamb shoulder', null, 1.5],
		['3 cloves garlic, crushed', 'garlic', 0.009],
		['salt to taste', 'salt', null]
	];
	for (const [text, item, kg] of rows)
		it(text, () => {
			const line = parseIngredientLine(text);
			assert.equal(line.text, text);
			if (item) assert.equal(line.itemName, item);
			else assert.notEqual(line.itemName, null);
			const mass = parsedLineKg(line);
			if (kg === null) assert.equal(line.understood, 'item');
			else assert.ok(mass !== null && Math.abs(mass / kg - 1) < 0.03, `${mass} for ${kg}`);
		});
});

it('cut and stage are read', () => {
	assert.equal(parseIngredientLine('2 onions, finely diced').cut, 'finely diced');
	assert.equal(parseIngredientLine('120 ml cream, added on the day').stage, 'cook-day');
	assert.equal(parseIngredientLine('parsley to serve').stage, 'serve');
});

it('what cannot be read is kept as text and marked', () => {
	const line = parseIngredientLine('whatever the garden gives');
	assert.equal(line.understood, 'text');
	assert.equal(line.text, 'whatever the garden gives');
});

it('never throws, never loses a line (property)', () => {
	fc.assert(
		fc.property(
			fc.array(fc.string({ unit: 'grapheme', maxLength: 60 }), { maxLength: 6 }),
			(typed) => {
				const pasted = typed.join('\n');
				const wanted = pasted
					.split(/\r?\n/)
					.map((text) => text.trim())
					.filter((text) => text !== '');
				assert.deepEqual(
					parseIngredientLines(pasted).map((line) => line.text),
					wanted
				);
			}
		),
		{ numRuns: 150 }
	);
});

it('of sixty odd lines at least 55 are read as a careful reader would, and none is lost', () => {
	const right = oddLines.filter(([text, item, kg, stage = 'pack']) => {
		const line = parseIngredientLine(text);
		assert.equal(line.text, text);
		const mass = parsedLineKg(line);
		const weight = kg === null ? mass === null : mass !== null && Math.abs(mass / kg - 1) < 0.06;
		return line.itemName === item && weight && line.stage === stage;
	});
	assert.equal(oddLines.length, 60);
	assert.ok(right.length >= 55, `${right.length} of ${oddLines.length}`);
});

it('a line of 20,000 characters of fractions stands as text, at once', () => {
	const long = '1/2 '.repeat(5000).trim();
	const line = parseIngredientLine(long);
	assert.equal(line.text, long);
	assert.equal(line.understood, 'text');
	assert.equal(parsedLineKg(line), null);
});
