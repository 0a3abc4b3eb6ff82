import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { metricHabit, usHabit } from '../present/habit.ts';
import { assumedSchema } from './assumed.ts';
import { cookLogSchema } from './cook-log.ts';
import { dishSchema } from './dish.ts';
import { daySchema, plannedSchema } from './menu-day.ts';
import { money } from './money.ts';
import { priceSchema, stockSchema } from './pantry.ts';
import { readForm } from './read-form.ts';

const cents = (typed: string) => {
	const form = readForm(money('bad'), typed as never);
	return form.ok ? form.value : 'bad';
};

describe('prices, stock and days as they are typed', () => {
	it('3.20, 3,20 and € 3.20 are one price; nonsense and too much are none', () => {
		assert.deepEqual(['3.20', '3,20', '€ 3.20', '3', ''].map(cents), [
			320,
			320,
			320,
			300,
			undefined
		]);
		assert.deepEqual(['cheap', '99999999'].map(cents), ['bad', 'bad']);
	});

	it('any price with two places comes through as its cents (property)', () => {
		fc.assert(
			fc.property(fc.integer({ min: 0, max: 99_999 }), (n) => {
				assert.equal(cents((n / 100).toFixed(2)), n);
				assert.equal(cents((n / 100).toFixed(2).replace('.', ',')), n);
			})
		);
	});

	it('an item is read by the catalogue; what it does not know is said by the field', () => {
		const price = {
			itemName: 'Red onions',
			label: 'net',
			sizeKg: '2 lb',
			priceCents: '1.90',
			shop: ''
		};
		for (const habit of [metricHabit, usHabit]) {
			const form = readForm(priceSchema(habit), price);
			assert.ok(form.ok);
			assert.equal(form.value.itemName, 'red onion');
			assert.ok(Math.abs(form.value.sizeKg - 0.907) < 0.001);
		}
		const tin = { ...price, itemName: 'coconut milk', label: 'tin', sizeKg: '400 ml' };
		const sold = readForm(priceSchema(metricHabit), tin);
		assert.ok(sold.ok && Math.abs(sold.value.sizeKg - 0.392) < 0.005, 'sold by volume');
		const unknown = readForm(stockSchema(metricHabit), { itemName: 'moon dust', massKg: '1 kg' });
		assert.ok(!unknown.ok && /does not know it/.test(unknown.errors.itemName));
		const empty = readForm(stockSchema(metricHabit), { itemName: '', massKg: '' });
		assert.ok(!empty.ok && empty.errors.itemName && empty.errors.massKg);
	});

	it('a day in words or figures; portions only in whole packs', () => {
		const today = '2026-11-25';
		const day = readForm(daySchema(metricHabit, today), { onDay: 'today' });
		assert.ok(day.ok && day.value.onDay === today);
		assert.ok(!readForm(daySchema(metricHabit, today), { onDay: 'soonish' }).ok);
		const portion = { to: 'freezer', packs: 2, servings: 4 };
		assert.ok(plannedSchema.isValidSync({ batches: 2, portions: [portion] }));
		for (const wrong of [{ packs: 0 }, { servings: 1.5 }, { to: 'moon' }, { packs: 100 }])
			assert.ok(!plannedSchema.isValidSync({ batches: 1, portions: [{ ...portion, ...wrong }] }));
		assert.ok(!plannedSchema.isValidSync({ batches: 0, portions: [] }));
	});
});

it('corrections of lines: what is none of them is left out, the rest is kept', () => {
	const dish = {
		name: 'Dal',
		servings: '4',
		kind: 'pulse-soup',
		state: 'cooked',
		lines: '1 onion'
	};
	const read = (corrections: unknown) => {
		const typed = typeof corrections === 'string' ? corrections : JSON.stringify(corrections);
		const form = readForm(dishSchema(metricHabit), { ...dish, corrections: typed });
		assert.ok(form.ok);
		return form.value.corrections;
	};
	const good = { itemName: 'leek', stage: 'cook-day', optional: true, alternatives: ['onion'] };
	assert.deepEqual(read({ '1 onion': good, x: { stage: 'moon' }, y: { itemName: 'moon dust' } }), {
		'1 onion': good
	});
	for (const nonsense of ['{broken', '7', 'null', '']) assert.deepEqual(read(nonsense), {});
});

it('a cook that is written down: minutes are needed, a core only if measured', () => {
	const log = { way: '2', route: 'frozen', setMin: '1 h 10', coreC: '', outcome: '', note: '' };
	const form = readForm(cookLogSchema(metricHabit), log);
	assert.ok(form.ok);
	assert.deepEqual(
		[form.value.setMin, form.value.coreC, form.value.outcome],
		[70, undefined, undefined]
	);
	const fahrenheit = readForm(cookLogSchema(usHabit), { ...log, coreC: '165' });
	assert.ok(fahrenheit.ok && Math.abs((fahrenheit.value.coreC ?? 0) - 73.9) < 0.1);
	const wrong = readForm(cookLogSchema(metricHabit), {
		...log,
		way: '',
		route: 'moon',
		setMin: ''
	});
	assert.ok(!wrong.ok && wrong.errors.way && wrong.errors.route && wrong.errors.setMin);
});

it('an assumption outside what the model covers is refused', () => {
	const as = { thicknessM: 0.03, massKg: 1, count: 1, arrangement: 'stacked', mobility: 2 };
	assert.ok(assumedSchema.isValidSync(as));
	for (const wrong of [
		{ thicknessM: 0 },
		{ massKg: 99 },
		{ count: 0 },
		{ arrangement: 'thrown' },
		{ mobility: 99 }
	])
		assert.ok(!assumedSchema.isValidSync({ ...as, ...wrong }));
});
