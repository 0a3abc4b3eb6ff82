import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { metricHabit as metric, usHabit as us, type Habit } from '../present/habit.ts';
import { coolingSchema } from './cooling.ts';
import { dishSchema } from './dish.ts';
import { packingSchema } from './packing.ts';
import { chosenHabit } from '../present/chosen-habit.ts';
import { kitchenSchema } from './household.ts';
import { quantityFromText } from './quantity-text.ts';
import { readForm } from './read-form.ts';

describe('amounts typed either way (factors: NIST Handbook 44)', () => {
	const rows: [string, Parameters<typeof quantityFromText>[1], Habit, number][] = [
		['1½ lb', 'mass', metric, 0.680388],
		['3 lb 8 oz', 'mass', us, 1.587573],
		['2 lb, 4½ oz', 'mass', metric, 1.034758],
		['5 ft 3 in', 'length', us, 1.6002],
		['700 g', 'mass', us, 0.7],
		['2,5 kg', 'mass', metric, 2.5],
		['2 x 400 g', 'mass', metric, 0.8],
		['6 cups', 'volume', metric, 1.419528],
		['350 °F', 'temperature', metric, 176.6667],
		['95 °C', 'temperature', us, 95],
		['203', 'temperature', us, 95],
		['6 in', 'length', metric, 0.1524],
		['4,700 ft', 'altitude', metric, 1432.56],
		['6 h 30', 'minutes', metric, 390],
		['45 min', 'minutes', metric, 45]
	];
	for (const [text, dimension, habit, wanted] of rows)
		it(`${text} as ${dimension}`, () => {
			const value = quantityFromText(text, dimension, habit);
			assert.ok(Math.abs(value - wanted) < 1e-3 * Math.abs(wanted), `${value} for ${wanted}`);
		});

	it('nonsense is not a number, never something else', () => {
		for (const text of ['soon', '1e3 g g', '5 km', '--3', 'NaN'])
			assert.ok(Number.isNaN(quantityFromText(text, 'mass', metric)), text);
	});

	it('grams and pounds of one weight agree (property)', () => {
		fc.assert(
			fc.property(fc.integer({ min: 1, max: 8000 }), (grams) => {
				const asGrams = quantityFromText(`${grams} g`, 'mass', us);
				const asPounds = quantityFromText(`${grams / 453.592} lb`, 'mass', metric);
				assert.ok(Math.abs(asGrams - asPounds) < 1e-3);
			})
		);
	});
});

const errorsOf = (result: ReturnType<typeof readForm>) => (result.ok ? {} : result.errors);

describe('wrong input gets a message that says what to do', () => {
	const dish = {
		name: 'Dal',
		servings: '4',
		kind: 'pulse-soup',
		state: 'cooked',
		lines: '300 g lentils'
	};
	const pack = {
		dishId: '1',
		count: '2',
		servings: '4',
		container: 'bag-1l',
		massKg: '700 g',
		packedOn: '2026-11-20',
		shelfId: '1'
	};
	const cool = {
		name: 'Soup',
		vessel: 'pot',
		lengthM: '24 cm',
		volumeL: '4 L',
		startC: '90',
		place: 'counter'
	};
	const packs = packingSchema(metric, '2026-11-24');

	it('an ingredient line that is no line is named by its number, before anybody tries to read it', () => {
		const lines = `300 g lentils\n${'½ '.repeat(10_000)}`.slice(0, 20_000);
		assert.match(
			errorsOf(readForm(dishSchema(metric), { ...dish, lines })).lines ?? '',
			/line 2 is longer than 300 characters/
		);
	});
	it('the right input passes', () => {
		assert.deepEqual(errorsOf(readForm(dishSchema(metric), dish)), {});
		assert.deepEqual(errorsOf(readForm(packs, pack)), {});
		assert.deepEqual(errorsOf(readForm(coolingSchema(metric), cool)), {});
	});

	it('servings, weights, temperatures, pastes and days out of reason', () => {
		const cases: [Record<string, string>, string, RegExp][] = [
			[
				errorsOf(readForm(dishSchema(metric), { ...dish, servings: '400' })),
				'servings',
				/at most 100/
			],
			[
				errorsOf(readForm(dishSchema(metric), { ...dish, lines: ' \n ' })),
				'lines',
				/at least one line/
			],
			[
				errorsOf(readForm(dishSchema(metric), { ...dish, lines: 'x'.repeat(2_000_000) })),
				'lines',
				/more than one recipe/
			],
			[
				errorsOf(readForm(dishSchema(metric), { ...dish, appliance: 'oven' })),
				'ovenC',
				/what temperature/
			],
			[errorsOf(readForm(packs, { ...pack, massKg: '-3 kg' })), 'massKg', /at least/],
			[errorsOf(readForm(packs, { ...pack, bestBy: '2026-11-21' })), 'bestBy', /has passed/],
			[
				errorsOf(readForm(packs, { ...pack, packedOn: '2026-99-02' })),
				'packedOn',
				/write a day such as 24 Nov 2026/
			],
			[errorsOf(readForm(packs, { ...pack, packedOn: '2026-11-25' })), 'packedOn', /still to come/],
			[
				errorsOf(readForm(coolingSchema(metric), { ...cool, startC: '300' })),
				'startC',
				/at most 105 °C/
			],
			[
				errorsOf(readForm(coolingSchema(us), { ...cool, startC: '500' })),
				'startC',
				/at most 221 °F/
			]
		];
		for (const [errors, field, message] of cases) assert.match(errors[field] ?? '', message);
	});
});

it('what is typed beside the choice of units is meant in the chosen ones: 4,500 is feet', () => {
	const typed = {
		system: 'us',
		temperature: 'f',
		clock: '12',
		dayOrder: 'mdy',
		altitudeM: '4,500',
		roomC: '70',
		refrigeratorC: '38',
		timeZone: 'America/Denver'
	};
	const form = readForm(kitchenSchema(chosenHabit(typed, metric)), typed);
	assert.ok(form.ok, JSON.stringify(form));
	assert.ok(Math.abs(form.value.altitudeM - 4500 * 0.3048) < 0.1);
	assert.ok(Math.abs(form.value.refrigeratorC - 3.33) < 0.01);
});

describe('a recipe’s time', () => {
	const dish = {
		name: 'Dal',
		servings: '4',
		kind: 'pulse-soup',
		state: 'raw',
		lines: '300 g red lentils',
		instructionState: 'fresh'
	};
	const read = (told: object) => readForm(dishSchema(metric), { ...dish, ...told });
	const minutes = (told: object) => {
		const form = read(told);
		assert.ok(form.ok, JSON.stringify(form));
		return [form.value.fromMin, form.value.toMin];
	};
	const slow = { appliance: 'slow-cooker', setting: 'low' };

	it('in a slow cooker "8 to 10" is hours, "45 min" is what it says', () => {
		assert.deepEqual(minutes({ ...slow, fromMin: '8', toMin: '10' }), [480, 600]);
		assert.deepEqual(minutes({ ...slow, fromMin: '90 min', toMin: '2 h' }), [90, 120]);
		assert.deepEqual(minutes({ appliance: 'oven', ovenC: '180', fromMin: '8' })[0], 8);
	});

	it('what cannot be is asked about, not saved', () => {
		for (const told of [
			{ ...slow, fromMin: '8 min' },
			{ ...slow, fromMin: '30 h' },
			{ appliance: 'pressure-cooker', fromMin: '8 h' },
			{ appliance: 'oven', ovenC: '180', fromMin: '1 min' }
		]) {
			const form = read(told);
			assert.ok(!form.ok && form.errors.fromMin, JSON.stringify(told));
		}
	});
});
