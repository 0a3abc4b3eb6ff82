import assert from 'node:assert/strict';
import { it } from 'node:test';
import fc from 'fast-check';
import ICAL from 'ical.js';
import { Temporal } from 'temporal-polyfill';
import { mealsCalendar, type MealEvent } from './meals-ics.ts';

const timeZone = 'Europe/Zurich';
const at = (local: string) =>
	Temporal.PlainDateTime.from(local).toZonedDateTime(timeZone).epochMilliseconds;
const event = (more: Partial<MealEvent> = {}): MealEvent => ({
	uid: 'meal-1-start@almacen',
	sequence: 0,
	at: { fromMs: at('2027-03-27T18:30'), toMs: at('2027-03-27T19:00') },
	summary: 'Ragù',
	description: '',
	ringsBeforeMin: 10,
	...more
});
const read = (text: string) =>
	new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent').map((component) => {
		const { uid, startDate, summary, sequence } = new ICAL.Event(component);
		const alarm = component.getFirstSubcomponent('valarm');
		return {
			uid,
			summary,
			sequence,
			isDay: startDate.isDate,
			day: `${startDate}`.slice(0, 10),
			ms: startDate.toJSDate().getTime(),
			alarmS: (alarm?.getFirstPropertyValue('trigger') as ICAL.Duration).toSeconds()
		};
	});

it('half past six stays half past six on both sides of the night the clocks change (read back with ical.js)', () => {
	const evenings = ['2027-03-27', '2027-03-28', '2027-03-29'];
	const events = evenings.map((day, i) =>
		event({
			uid: `meal-${i}@almacen`,
			at: { fromMs: at(`${day}T18:30`), toMs: at(`${day}T19:00`) }
		})
	);
	const back = read(mealsCalendar('Meals', events, 0));
	back.forEach(({ ms, alarmS }, i) => {
		const local = Temporal.Instant.fromEpochMilliseconds(ms).toZonedDateTimeISO(timeZone);
		assert.equal(`${local.toPlainDateTime()}`, `${evenings[i]}T18:30:00`);
		assert.equal(alarmS, -600);
	});
	// the middle evening is 23 hours after the first
	assert.equal((back[1].ms - back[0].ms) / 3_600_000, 23);
});

it('a moved meal keeps its number and counts up; a best-by is a day, and rings a week before', () => {
	const [first] = read(mealsCalendar('Meals', [event()], 0));
	const moved = event({
		sequence: 3,
		at: { fromMs: at('2027-03-30T18:30'), toMs: at('2027-03-30T19:00') }
	});
	const [second] = read(mealsCalendar('Meals', [moved], 5));
	assert.equal(first.uid, second.uid);
	assert.ok(second.sequence > first.sequence);
	const day = event({ at: { day: '2027-03-28' }, ringsBeforeMin: 7 * 1440 });
	const [best] = read(mealsCalendar('Meals', [day], 0));
	assert.deepEqual([best.isDay, best.day, best.alarmS], [true, '2027-03-28', -7 * 86_400]);
});

it('whatever a dish is called, it is one event and reads back (property)', () => {
	fc.assert(
		fc.property(fc.string({ unit: 'grapheme', maxLength: 60 }), (name) => {
			const summary = `x${name}\r\nEND:VEVENT\r\nBEGIN:VEVENT`;
			const back = read(mealsCalendar('Meals', [event({ summary, description: name })], 0));
			assert.equal(back.length, 1);
		})
	);
});

it('no name adds a line of its own to a calendar (read back with ical.js)', () => {
	const nasty = fc.stringMatching(/^[\r\n,;:\\"A-Z가🍲 ]{0,60}$/u);
	const hostile = fc.constant('x\r\nEND:VEVENT\r\nBEGIN:VEVENT\r\nUID:forged');
	fc.assert(
		fc.property(fc.oneof(nasty, hostile), fc.oneof(nasty, hostile), (summary, description) => {
			const found = read(mealsCalendar(summary, [event({ summary, description })], 0));
			assert.deepEqual(
				found.map(({ uid }) => uid),
				['meal-1-start@almacen']
			);
		})
	);
});
