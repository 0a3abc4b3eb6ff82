import assert from 'node:assert/strict';
import { spawn, type ChildProcess } from 'node:child_process';
import { after, before, describe, it } from 'node:test';
import { setTimeout as wait } from 'node:timers/promises';
import type { Db } from '../db/db.ts';
import { getCooling } from '../queries/cooling.ts';
import { setCooling, setReadingRemoved } from '../writes/cooling.ts';
import { startCooling } from '../services/cooling/start-cooling.ts';
import { listFreezers } from '../queries/household.ts';
import { addFreezer, setFreezerProbe } from '../writes/household.ts';
import { readingsOf } from '../queries/freezer-stock.ts';
import { fetchFreezerReadings } from './follow-freezers.ts';
import { fetchReadings, thermometer } from './follow-probes.ts';
import { listProbes } from './thermometer-client.ts';
import { openTestDb, type TestClient } from '../testing/index.ts';

const port = 4797;
const address = `http://127.0.0.1:${port}`;
const fromMs = Date.now();

describe('the thermometer that ships, followed on a real database', () => {
	let client: TestClient;
	let db: Db;
	let standIn: ChildProcess;
	let runId = 0;
	before(async () => {
		process.env.ALMACEN_THERMOMETER = address;
		({ db, client } = await openTestDb());
		// ten minutes a second
		standIn = spawn(process.execPath, ['stand-ins/thermometer.mjs', String(port)], {
			env: { ...process.env, ALMACEN_TIME_LAPSE: '600', ALMACEN_TIME_FROM: String(fromMs) }
		});
		for (let i = 0; i < 60 && (await listProbes()) === null; i++) await wait(100);
		const started = await startCooling(
			db,
			{
				name: 'Stew',
				vessel: 'pot',
				lengthM: 0.24,
				volumeL: 3,
				startC: 90,
				place: 'ice-bath',
				lid: false,
				stirred: true
			},
			fromMs
		);
		assert.ok(started.ok);
		runId = started.id;
	});
	after(async () => {
		standIn.kill('SIGKILL');
		await client.close();
	});
	const readings = async () => (await getCooling(db, runId))?.readings ?? [];

	it('names its probes; a run that follows none takes nothing', async () => {
		assert.deepEqual(
			(await listProbes())?.map(({ id }) => id),
			['A', 'B', 'C', 'D', 'F']
		);
		assert.equal(await fetchReadings(db), false);
	});
	it('what the probe read is kept, each moment once, and what was taken out does not come back', async () => {
		await fetch(`${address}/probes/A`, {
			method: 'POST',
			body: JSON.stringify({ startC: 90, ambientC: 1, tauMin: 15 })
		});
		await setCooling(db, runId, { probe: 'A' });
		await wait(1500);
		assert.equal(await fetchReadings(db), true);
		const first = await readings();
		assert.ok(first.length >= 10 && first.every(({ source }) => source === 'probe'));
		await setReadingRemoved(db, first[0].id, true);
		await fetchReadings(db);
		const second = await readings();
		const moments = second.map(({ atMs }) => atMs);
		assert.equal(new Set(moments).size, moments.length);
		assert.ok(!moments.includes(first[0].atMs));
		// from 90 towards 1 °C, never above where it started but for its noise
		for (const { tempC } of second) assert.ok(tempC > 0 && tempC < 91, String(tempC));
	});
	it('a freezer’s probe is fetched a month back, each moment once, and brings best-by forward', async () => {
		await addFreezer(db, { name: 'chest', volumeL: 200, setC: -18, shelves: ['top'] });
		const [freezer] = await listFreezers(db);
		const nowMs = Date.now();
		assert.equal(await fetchFreezerReadings(db, nowMs), 0, 'no probe lies in it yet');
		await setFreezerProbe(db, freezer.id, 'F');
		const added = await fetchFreezerReadings(db, nowMs);
		assert.ok(added !== null && added > 4000, String(added));
		const again = await fetchFreezerReadings(db, nowMs);
		// its time runs fast: a few are new meanwhile, none comes twice
		assert.ok(again !== null && again < 200, String(again));
		const readings = await readingsOf(db, freezer.id, 0);
		assert.equal(new Set(readings.map(({ atMs }) => atMs)).size, readings.length);
		const warmest = Math.max(...readings.map(({ tempC }) => tempC));
		assert.ok(warmest > -12 && warmest < -5, 'its door stood open on some days');
	});
	it('silent, nothing is lost and the screen can say so', async () => {
		const before = (await readings()).length;
		standIn.kill('SIGKILL');
		await wait(200);
		assert.equal(await fetchReadings(db), false);
		assert.equal(thermometer.answers, false);
		assert.equal((await readings()).length, before);
		assert.equal(await listProbes(), null);
	});
});
