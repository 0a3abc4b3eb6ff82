import assert from 'node:assert/strict';
import { it } from 'node:test';
import type { LateAddition } from '../core/serving/index.ts';
import { metricHabit, usHabit } from './habit.ts';
import { lateText } from './late-words.ts';
import { matchText } from './match-words.ts';
import { centsText } from './money.ts';
import { piecesText } from './pieces.ts';

it('prices have two places, whatever the cents', () => {
	assert.deepEqual([0, 5, 190, 12_345].map(centsText), ['0.00', '0.05', '1.90', '123.45']);
});

it('things are bought whole, rounded up but for a crumb; a clove of garlic is not counted', () => {
	assert.equal(piecesText(0.33, 0.11), 'about 3');
	assert.equal(piecesText(0.36, 0.11), 'about 4');
	assert.equal(piecesText(0.335, 0.11), 'about 3');
	assert.equal(piecesText(0.03, 0.003), '');
	assert.equal(piecesText(1, null), '');
});

it('says why a dish goes well, in the household’s units, and cuts long lists', () => {
	const items = ['onion', 'carrot', 'leek', 'garlic', 'chard', 'celery'];
	assert.equal(
		matchText({ code: 'shares', items }, metricHabit),
		'shares onion, carrot, leek, garlic +2'
	);
	const usesUp = { code: 'uses-up', items: ['cream'], massKg: 0.15 } as const;
	assert.match(matchText({ ...usesUp, items: ['cream'] }, metricHabit), /uses up 150 g/);
	assert.match(matchText({ ...usesUp, items: ['cream'] }, usHabit), /uses up 5\.3 oz/);
	assert.match(matchText({ code: 'same-oven', ovenC: 180 }, usHabit), /350 °F/);
});

it('never says to put anything in under pressure', () => {
	const addition = (part: Partial<LateAddition>): LateAddition => ({
		kind: 'pasta',
		items: ['pasta'],
		how: 'in-pot',
		minutes: { from: 20, to: 26 },
		...part
	});
	assert.match(
		lateText(addition({})),
		/pasta: into the pot 20–26 min before serving, with enough liquid/
	);
	for (const kind of ['pasta', 'rice', 'soft-dairy', 'fish', 'tender-vegetables'] as const)
		assert.match(
			lateText(addition({ kind, how: 'after-opening' })),
			/after opening.*never under pressure/
		);
	assert.match(lateText(addition({ kind: 'thickener' })), /cold water, turned to high/);
	assert.match(lateText(addition({ kind: 'soft-dairy' })), /not boiled/);
	assert.match(lateText(addition({ kind: 'fish', how: 'last-open' })), /uncovered/);
});
