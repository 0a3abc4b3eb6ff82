import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import fc from 'fast-check';
import { clockFromText } from '../schemas/clock-text.ts';
import { dayFromText } from '../schemas/day-text.ts';
import { quantityFromText } from '../schemas/quantity-text.ts';
import { lineAmountText } from './amounts.ts';
import { metricHabit, usHabit, type Habit } from './habit.ts';
import { dayText, instantText, timeOfDayText, dayTitle } from './time.ts';
import {
	lengthText,
	massText,
	tempText,
	volumeText,
	ovenText,
	roomText,
	sidesText
} from './units.ts';

const habits = fc.constantFrom(metricHabit, usHabit, { ...metricHabit, dayOrder: 'ymd' } as Habit);

describe('what is shown is read back as what it was (round trips, property)', () => {
	const kinds = [
		// the allowed loss is what cook's numbers round away
		['mass', massText, 0.02, 20, 0.075],
		['volume', volumeText, 0.03, 15, 0.2],
		['length', lengthText, 0.005, 0.6, 0.2],
		['temperature', tempText, -30, 250, 0.6]
	] as const;
	for (const [dimension, show, min, max, loss] of kinds)
		it(dimension, () => {
			fc.assert(
				fc.property(fc.double({ min, max, noNaN: true }), habits, (value, habit) => {
					const again = quantityFromText(show(value, habit), dimension, habit);
					const allowed = dimension === 'temperature' ? loss : loss * value;
					assert.ok(Math.abs(again - value) <= allowed, `${show(value, habit)} for ${value}`);
				})
			);
		});

	it('days, in every order, with or without the year', () => {
		const day = fc
			.date({ min: new Date('2025-06-01'), max: new Date('2028-05-30'), noInvalidDate: true })
			.map((date) => date.toISOString().slice(0, 10));
		fc.assert(
			fc.property(day, habits, (wanted, habit) => {
				assert.equal(dayFromText(dayText(wanted, habit), habit, '2026-11-24'), wanted);
				const [, month, date] = wanted.split('-').map(Number);
				const typed = habit.dayOrder === 'dmy' ? `${date}.${month}.` : `${month}/${date}`;
				const near = dayFromText(typed, habit, wanted);
				if (habit.dayOrder !== 'ymd') assert.equal(near, wanted);
			})
		);
	});

	it('times of day', () => {
		fc.assert(
			fc.property(fc.nat(23), fc.nat(59), habits, (hour, minute, habit) => {
				const shown = timeOfDayText(`${hour}:${minute}`, habit);
				assert.deepEqual(clockFromText(shown), { hour, minute }, shown);
			})
		);
	});
});

describe('cook’s numbers', () => {
	const rows: [string, string][] = [
		[massText(0.8519, metricHabit), '850 g'],
		[massText(1.2, usHabit), '2 lb 10 oz'],
		[volumeText(0.3155, usHabit), '1⅓ cups'],
		[volumeText(0.0296, usHabit), '2 tbsp'],
		[volumeText(0.24, metricHabit), '240 mL'],
		[ovenText(165, usHabit), '325 °F'],
		[ovenText(176.7, usHabit), '350 °F'],
		[ovenText(180, metricHabit), '180 °C'],
		[roomText(200, usHabit), '7.1 cu ft'],
		[roomText(200, metricHabit), '200 L'],
		[sidesText(0.2, 0.3, usHabit), '8 × 12 in'],
		[tempText(73.9, usHabit), '165 °F'],
		[tempText(-18, metricHabit), '−18 °C'],
		[lineAmountText({ quantity: 2, quantityTo: null, unit: 'cup' }, metricHabit), '470 mL'],
		[lineAmountText({ quantity: 4 / 3, quantityTo: null, unit: 'cup' }, usHabit), '1⅓ cups'],
		[lineAmountText({ quantity: 1, quantityTo: null, unit: 'lb' }, metricHabit), '450 g'],
		[lineAmountText({ quantity: 2, quantityTo: 3, unit: 'tbsp' }, metricHabit), '2–3 tbsp'],
		[lineAmountText({ quantity: 0.5, quantityTo: null, unit: 'kg' }, metricHabit), '0.5 kg']
	];
	for (const [shown, wanted] of rows) it(wanted, () => assert.equal(shown, wanted));

	it('one instant, two households', () => {
		const ms = Date.UTC(2026, 10, 24, 17, 30);
		assert.equal(instantText(ms, { ...metricHabit, timeZone: 'Europe/Zurich' }), '18:30');
		assert.equal(instantText(ms, { ...usHabit, timeZone: 'America/Denver' }), '10:30 am');
	});
});

it('what is no day and no time is none', () => {
	for (const typed of ['', '31.2.2026', '99 Nov', 'Nov', '2026-99-02'])
		assert.equal(dayFromText(typed, metricHabit, '2026-11-24'), null, typed);
	for (const typed of ['', '7', '25:00', '18:60', '13 pm', 'soon'])
		assert.equal(clockFromText(typed), null, typed);
});

it('a day as a heading has its weekday and needs no year (29 November 2026 is a Sunday: the calendar)', () => {
	assert.equal(dayTitle('2026-11-29', metricHabit), 'Sunday 29 November');
	assert.equal(dayTitle('2026-11-29', usHabit), 'Sunday, November 29');
	assert.equal(dayTitle('2026-11-29', { ...metricHabit, dayOrder: 'ymd' }), 'Sunday 2026-11-29');
});
