import assert from 'node:assert/strict';
import { it } from 'node:test';
import { guessKind } from '../../formats/guess-dish.ts';
import { parsedLineKg, parseIngredientLines } from '../../formats/ingredient-line.ts';
import { kindByCut } from './kind-by-cut.ts';

const kind = (name: string, lines: string, method = '') => {
	const read = parseIngredientLines(lines);
	return kindByCut(
		guessKind({ name, method, lines: read }),
		read.map((line) => ({ ...line, massKg: parsedLineKg(line) }))
	);
};

it('cubes of a braising cut are braised pieces, a whole one a roast, mince a sauce (judgement)', () => {
	assert.equal(kind('Goulash', '1 kg beef shin, cubed\n800 g onions'), 'braised-pieces');
	assert.equal(kind('Lamb tagine', '1.2 kg lamb neck fillet, diced'), 'braised-pieces');
	assert.equal(kind('Beef stew', '900 g stewing steak\n4 carrots'), 'braised-pieces');
	assert.equal(kind('Pot roast', '1.5 kg chuck roast\n2 onions'), 'tough-cut');
	assert.equal(kind('Ragù', '500 g beef mince\n1 tin tomatoes'), 'meat-in-sauce');
	assert.equal(kind('Ragù', '500 g pork, minced\n1 tin tomatoes'), 'meat-in-sauce');
});

it('fish is fish, birds are lean pieces, a bake goes by its pan', () => {
	assert.equal(kind('Coconut fish curry', '600 g cod fillets, in chunks\n1 onion'), 'fish');
	assert.equal(kind('Prawn curry', '400 g raw king prawns\n200 ml coconut milk'), 'fish');
	assert.equal(kind('Chicken with leeks', '800 g chicken thighs'), 'lean-pieces');
	assert.equal(kind('Fish pie', '600 g cod\n800 g potatoes, mashed'), 'assembled-bake');
	const pan = 'Fill a baking dish, top with cheese. Bake for 40 minutes.';
	assert.equal(kind('Courgettes with feta', '4 courgettes\n200 g feta', pan), 'assembled-bake');
	assert.equal(
		kind('Beef casserole', '1 kg stewing beef', 'Simmer for 2 hours.'),
		'braised-pieces'
	);
});
