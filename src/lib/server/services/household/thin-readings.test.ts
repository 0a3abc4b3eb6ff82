import assert from 'node:assert/strict';
import { it } from 'node:test';
import { listFreezers } from '../../queries/household.ts';
import { readingsBetween } from '../../queries/freezer-stock.ts';
import { openTestDb } from '../../testing/index.ts';
import { addFreezerReadings } from '../../writes/freezer-stock.ts';
import { addFreezer } from '../../writes/household.ts';
import { thinReadings } from './thin-readings.ts';

const minuteMs = 60_000;
const dayMs = 1440 * minuteMs;

it('old readings are left out where a line says as much; newer ones and a warm spell stay', async () => {
	const { db, client } = await openTestDb();
	await addFreezer(db, { name: 'chest', volumeL: 200, setC: -18, shelves: ['top'] });
	const [{ id }] = await listFreezers(db);
	const readings = Array.from({ length: 3 * 1440 }, (_, i) => ({
		atMs: i * minuteMs,
		tempC: i > 600 && i < 700 ? -9 : -18.05 + 0.1 * (i % 2)
	}));
	await addFreezerReadings(db, id, readings, 'thermometer');
	const gone = await thinReadings(db, 0, 2 * dayMs);
	const old = await readingsBetween(db, id, 0, 2 * dayMs);
	assert.equal(gone + old.length, 2 * 1440);
	assert.ok(old.length < 90, String(old.length));
	assert.equal(Math.max(...old.map(({ tempC }) => tempC)), -9);
	assert.equal((await readingsBetween(db, id, 2 * dayMs, 3 * dayMs)).length, 1440);
	await client.close();
});
