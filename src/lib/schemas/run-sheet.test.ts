import assert from 'node:assert/strict';
import { it } from 'node:test';
import { kitchenResources } from './choices.ts';
import { dayRunSchema, pausesFromText } from './run-sheet.ts';
import { readForm } from './read-form.ts';

const kitchen = Object.fromEntries(kitchenResources.map((name) => [name, '1']));
const read = (more: Record<string, string>) =>
	readForm(dayRunSchema(), {
		startClock: '9:00',
		deadlineClock: '',
		pauses: '',
		...kitchen,
		...more
	});

it('times in either habit, breaks in words, whole numbers of what there is', () => {
	const form = read({
		startClock: '8.30',
		deadlineClock: '2 pm',
		pauses: '12:30 for 30 min; 3 pm 10'
	});
	assert.ok(form.ok);
	const value = form.value as Record<string, unknown>;
	assert.equal(value.startClock, '08:30');
	assert.equal(value.deadlineClock, '14:00');
	assert.deepEqual(value.pauses, [
		{ fromClock: '12:30', minutes: 30 },
		{ fromClock: '15:00', minutes: 10 }
	]);
	assert.equal(value.burner, 1);
});
it('what is wrong is said at its field', () => {
	for (const [field, typed] of [
		['startClock', 'soon'],
		['startClock', ''],
		['deadlineClock', '25:00'],
		['pauses', 'lunch'],
		['burner', '2,5'],
		['burner', '99'],
		['burner', ''],
		['hands', '0']
	]) {
		const form = read({ [field]: typed });
		assert.ok(!form.ok && form.errors[field], `${field}: ${typed}`);
	}
});
it('no break is no complaint', () => assert.deepEqual(pausesFromText(' '), []));
