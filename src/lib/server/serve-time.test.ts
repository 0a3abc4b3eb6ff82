import assert from 'node:assert/strict';
import { it } from 'node:test';
import { mealTimeMs, nextClockTime } from './serve-time.ts';

const zone = 'Europe/Zurich';
const at = (iso: string) => Date.parse(iso);

it('today when it is still to come, otherwise tomorrow, by the household’s clock', () => {
	const noon = at('2026-11-24T12:00:00+01:00');
	assert.equal(nextClockTime('18:30', zone, noon), at('2026-11-24T18:30:00+01:00'));
	assert.equal(nextClockTime('6:30 pm', zone, noon), at('2026-11-24T18:30:00+01:00'));
	assert.equal(nextClockTime('11:59', zone, noon), at('2026-11-25T11:59:00+01:00'));
	assert.equal(nextClockTime('12:00', zone, noon), at('2026-11-25T12:00:00+01:00'));
});

it('over the change of clocks a day has 23 or 25 hours; a skipped time comes an hour later', () => {
	const evening = at('2026-03-28T20:00:00+01:00');
	assert.equal(nextClockTime('19:00', zone, evening), at('2026-03-29T19:00:00+02:00'));
	assert.equal(nextClockTime('02:30', zone, evening), at('2026-03-29T03:30:00+02:00'));
	const autumn = at('2026-10-24T20:00:00+02:00');
	assert.equal(nextClockTime('19:00', zone, autumn), at('2026-10-25T19:00:00+01:00'));
});

it('what is no time of day is null', () => {
	for (const typed of ['', 'soon', '24:00', '7', '18:75'])
		assert.equal(nextClockTime(typed, zone, 0), null);
});

it('6:30 is half past six in the evening, 06:30 and 6:30 am the morning; on a day it stays on that day', () => {
	const noon = at('2026-11-24T12:00:00+01:00');
	const meal = (typed: string, onDay: string | null = null) => mealTimeMs(typed, onDay, zone, noon);
	assert.equal(meal('6:30'), at('2026-11-24T18:30:00+01:00'));
	assert.equal(meal('06:30'), at('2026-11-25T06:30:00+01:00'));
	assert.equal(meal('6:30 am'), at('2026-11-25T06:30:00+01:00'));
	assert.equal(meal('11:30'), at('2026-11-25T11:30:00+01:00'));
	assert.equal(meal('7.15', '2026-11-26'), at('2026-11-26T19:15:00+01:00'));
	// over on that day, no time, no day
	assert.equal(meal('11:30', '2026-11-24'), null);
	assert.equal(meal('soon', '2026-11-26'), null);
	assert.equal(meal('18:30', '2026-13-01'), null);
});
