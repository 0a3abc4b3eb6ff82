import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { guessState } from './guess-state.ts';

const meat = { lines: ['500 g beef mince', '1 onion'] };

describe('raw when the method packs before it cooks (methods invented)', () => {
	for (const method of [
		'Put everything in the bag and freeze flat. Thaw, then cook on low for 8 hours.',
		'Mix, shape and freeze unbaked. Bake from frozen for 40 minutes.',
		'Roll into balls and freeze on a tray. Fry from frozen for 15 minutes.',
		'Layer in the dish, wrap and freeze before baking. On the day bake for an hour.',
		'Add everything to a gallon zip-top bag and lay flat in the freezer. Thaw overnight. Simmer for an hour.',
		'Marinate the meat and freeze it in the marinade. Grill for 10 minutes on the day.',
		'Soften the onions and let them cool. Mix with the mince, shape patties and freeze them. Fry on the day.',
		'Tip all of it into a freezer bag, squeeze out the air. On the day, slow cook for 8 hours.'
	])
		it(method, () => assert.equal(guessState(method, meat), 'raw'));
});

describe('cooked when it cooks it first', () => {
	for (const method of [
		'Brown the mince, add the tomatoes and simmer for 40 minutes. Cool and freeze.',
		'Bake for 50 minutes. Cool, slice and freeze.',
		'Simmer for an hour, leave to cool, portion into tubs and freeze. Reheat until piping hot.',
		'Braise for 2 hours. Freezes very well.',
		'Cook on low for 8 hours. Let it cool, then freeze in bags.'
	])
		it(method, () => assert.equal(guessState(method, meat), 'cooked'));
});

it('where the words do not decide the cook is asked; nothing is taken for cooked', () => {
	for (const method of ['', 'Mix and serve.', 'Simmer for 40 minutes.', 'Roll and fry.'])
		assert.equal(guessState(method, meat), null, method);
});
