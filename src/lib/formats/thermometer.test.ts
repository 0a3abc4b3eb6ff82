import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import ICAL from 'ical.js';
import { Temporal } from 'temporal-polyfill';
import { metricHabit, usHabit } from '../present/habit.ts';
import { gatesCalendar } from './gates-ics.ts';
import { readThermometerCsv } from './thermometer-csv.ts';

const zone = { ...metricHabit, timeZone: 'Europe/Zurich' };
const at = (text: string) => Temporal.Instant.from(text).epochMilliseconds;
const start = at('2026-11-28T13:00:00+01:00');
const read = (text: string, startedAtMs = start, habit = zone) =>
	readThermometerCsv(text, { startedAtMs }, habit);

describe('a thermometer’s file', () => {
	it('times with zone, local, clock alone, minutes since the start, epoch: the same moment', () => {
		const noted = start + 65 * 60_000;
		for (const text of [
			'time,temperature\n2026-11-28T12:05:00Z,61.5\n2026-11-28T13:05:00Z,48',
			'time;temp °C\n2026-11-28 13:05;61,5\n2026-11-28 14:05;48,0',
			'time,temperature\n13:05,61.5\n14:05,48',
			'minutes,core\n5,61.5\n65,48',
			`${(start + 5 * 60_000) / 1000},61.5\n${noted / 1000},48`,
			'Date/Time,Probe,Temp (F)\n2026-11-28 13:05,A,142.7\n2026-11-28 14:05,A,118.4'
		]) {
			const { rows, problems } = read(text);
			assert.deepEqual(problems, [], text);
			assert.equal(rows[1].atMs, noted, text);
			assert.ok(Math.abs(rows[0].tempC - 61.5) < 1e-9 && Math.abs(rows[1].tempC - 48) < 1e-9, text);
		}
	});
	it('a year far away is a line that is named, at once: no day is counted through', () => {
		const { rows, problems } = read(
			'time,temperature\n+275760-09-12T00:00:00Z,50\n13:05,61\n8640000000000,60\n14:05,48'
		);
		assert.deepEqual(
			problems.map(({ line }) => line),
			[2, 4]
		);
		assert.equal(rows.length, 2);
		const far = read('minutes,temperature\n144000000000,50\n13:05,61');
		assert.equal(far.rows.length, 0);
	});
	it('a household in °F means °F when the head does not say', () => {
		const { rows } = read('time,temperature\n13:05,212', start, {
			...usHabit,
			timeZone: zone.timeZone
		});
		assert.ok(Math.abs(rows[0].tempC - 100) < 1e-9);
	});
	it('over midnight a clock goes on; over the end of summer time the hour that comes twice goes on, too', () => {
		const evening = at('2026-11-28T23:00:00+01:00');
		const night = read('time,temp\n23:30,60\n00:30,40\n01:30,25', evening).rows;
		assert.deepEqual(
			night.map(({ atMs }) => (atMs - evening) / 60_000),
			[30, 90, 150]
		);
		// clocks go back on 25 October 2026 at 3:00
		const before = at('2026-10-25T01:30:00+02:00');
		const rows = read(
			[
				'time,temp',
				'2026-10-25 01:45,60',
				'2026-10-25 02:30,50',
				'2026-10-25 02:30,35',
				'2026-10-25 03:10,30'
			].join('\n'),
			before
		).rows;
		const minutes = rows.map(({ atMs }) => (atMs - before) / 60_000);
		assert.deepEqual(minutes, [15, 60, 120, 160]);
	});
	it('bad lines are named with their number, the good ones kept; nonsense says what is wanted', () => {
		const { rows, problems } = read('time,temperature\n13:05,61\nnoon?,50\n13:20,warm\n13:30,44');
		assert.equal(rows.length, 2);
		assert.deepEqual(
			problems.map(({ line }) => line),
			[3, 4]
		);
		assert.match(read('a,b\nx,y').problems[0].message, /time.*temperature/);
		assert.equal(read('').problems.length, 1);
	});
});

it('both limits as calendar entries that another library reads, each with an alarm before it and at it', () => {
	const text = gatesCalendar(
		'Goulash, big pot; über',
		[21, 5].map((tempC, i) => ({
			uid: `cooling-1-${tempC}@almacen`,
			atMs: start + (i + 1) * 7_200_000,
			summary: `Goulash: at ${tempC} °C now`,
			description: 'Measure it, in the middle'
		})),
		start
	);
	const calendar = new ICAL.Component(ICAL.parse(text));
	const events = calendar.getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));
	assert.deepEqual(
		events.map((event) => event.startDate.toJSDate().getTime()),
		[start + 7_200_000, start + 14_400_000]
	);
	for (const event of events) {
		const alarms = event.component.getAllSubcomponents('valarm');
		assert.deepEqual(
			alarms.map((alarm) => String(alarm.getFirstPropertyValue('trigger'))).sort(),
			['-PT15M', 'PT0S'].sort()
		);
	}
	assert.ok(text.endsWith('\r\n'));
});
