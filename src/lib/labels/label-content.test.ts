import assert from 'node:assert/strict';
import { it } from 'node:test';
import type { CookOption } from '../core/index.ts';
import { metricHabit, usHabit } from '../present/habit.ts';
import { labelContent, type LabelPack } from './label-content.ts';

const option = (state: 'thawed' | 'frozen', part: Partial<CookOption>): CookOption => ({
	method: { appliance: 'oven', ovenC: 165, covered: true },
	state,
	setMin: { from: 76, likely: 85, to: 98 },
	totalMin: { from: 76, likely: 85, to: 98 },
	computedMin: null,
	goodUntilMin: null,
	coreEndC: 80,
	hazardH: null,
	addLiquidL: 0,
	fill01: 0.3,
	blockFits: null,
	advice: 'good',
	reasons: [],
	comeUpMin: null,
	instead: null,
	...part
});
const pack: LabelPack = {
	code: '7K3QX',
	number: 2,
	of: 3,
	dishName: 'Chicken with leek and tarragon',
	packedOn: '2026-11-24',
	bestBy: '2027-07-24',
	servings: 4,
	massKg: 0.95,
	thicknessM: 0.034,
	state: 'raw',
	coreC: 73.9,
	dayKnown: 'day',
	ahead: false,
	serveWith: [],
	allergens: ['celery', 'milk'],
	addOnDay: '',
	card: {
		options: [
			option('thawed', {}),
			option('frozen', {
				setMin: null,
				computedMin: { from: 1, likely: 2, to: 3 },
				advice: 'refused'
			})
		]
	}
};

it('energy and nutrients stand on it only when they were kept with the pack', () => {
	const nutrition = {
		energyKj: 2431,
		energyKcal: 583,
		proteinG: 34.6,
		fatG: 38.2,
		carbohydrateG: 21.7,
		fibreG: 5
	};
	assert.equal(labelContent(pack, metricHabit).nutrition, '');
	assert.match(
		labelContent({ ...pack, nutrition }, metricHabit).nutrition,
		/about 2430 kJ \(585 kcal\), protein 35 g, fat 38 g, carbohydrate 22 g/
	);
});

it('says that allergens are not all known, before those that are', () => {
	const allergens = (part: Partial<LabelPack>) =>
		labelContent({ ...pack, ...part }, metricHabit).allergens;
	assert.equal(allergens({}), 'Contains celery, milk');
	assert.equal(
		allergens({ allergensKnown: false }),
		'Allergens not all known. Contains celery, milk'
	);
	assert.equal(allergens({ allergens: [], allergensKnown: false }), 'Allergens not all known');
});

it('says the same in the units and the order of days of the household', () => {
	const metric = labelContent(pack, metricHabit);
	const us = labelContent(pack, usHabit);
	assert.equal(metric.bestBy, 'best by 24 Jul 2027');
	assert.equal(us.bestBy, 'best by Jul 24, 2027');
	assert.match(metric.contents, /^4 servings · 950 g · 2 of 3/);
	assert.equal(metric.raw, 'RAW', 'raw food says so large');
	assert.match(us.contents, /^4 servings · 2 lb 2 oz · 2 of 3/);
	assert.match(metric.done, /74 °C/);
	assert.match(us.done, /165 °F/);
	assert.equal(us.cookRows[0][0], 'Oven 325 °F, covered');
});

it('what is refused is a no, never a time; what wants care has a star; without a date it is used first', () => {
	const [[, frozen, thawed]] = labelContent(pack, metricHabit).cookRows;
	assert.equal(thawed, '1 h 38', 'the long end is what is set');
	assert.equal(frozen, 'thaw first', 'thawed it goes');
	const never = option('frozen', {
		setMin: null,
		advice: 'refused',
		reasons: [{ code: 'too-full', values: {} }]
	});
	assert.equal(
		labelContent({ ...pack, card: { options: [never] } }, metricHabit).cookRows[0][1],
		'no: too full'
	);
	const liquids = labelContent(
		{
			...pack,
			card: {
				options: [option('thawed', { addLiquidL: 0.1 }), option('frozen', { addLiquidL: 0.25 })]
			}
		},
		metricHabit
	).cookRows;
	assert.deepEqual(liquids, [['Oven 165 °C, covered, 250 mL first', '1 h 38', '1 h 38']]);
	const roast = { ...pack, coreC: 62.8, tenderC: 93 };
	assert.match(labelContent(roast, metricHabit).done, /^Safe at 63 °C .* tender at 93 °C/);
	const careful = {
		...pack,
		bestBy: null,
		card: { options: [option('thawed', { advice: 'caution' })] }
	};
	const label = labelContent(careful, metricHabit);
	assert.match(label.cookRows[0][2], / \*$/);
	assert.equal(label.bestBy, 'use first');
});
