import assert from 'node:assert/strict';
import { it } from 'node:test';
import { shareOfAmounts } from './share-of-amounts.ts';

// worked by hand
it('a quarter of the batch gets a quarter of what is added on the day; times and temperatures stay', () => {
	for (const [text, share, wanted] of [
		['120 mL cream, stirred in at the end', 0.25, '30 mL cream, stirred in at the end'],
		[
			'1 cup cream and 200 g pasta, 12 min before',
			0.5,
			'½ cup cream and 100 g pasta, 12 min before'
		],
		['2 eggs, beaten; at 74 °C', 0.5, '1 eggs, beaten; at 74 °C'],
		['1½ tbsp starch in 60 ml water', 2, '3 tbsp starch in 120 ml water'],
		['soft cheese on top', 0.5, 'soft cheese on top'],
		['1,5 l stock', 0.5, '0.75 l stock'],
		['120 mL cream', 1, '120 mL cream']
	] as const)
		assert.equal(shareOfAmounts(text, share), wanted);
});
