import assert from 'node:assert/strict';
import { readFile } from 'node:fs/promises';
import { after, before, describe, it } from 'node:test';
import { PGlite } from '@electric-sql/pglite';
import { cookCard, type CookCardInput } from '../../core/table/cook-card.ts';
import type { Compute } from '../core-worker.ts';
import { migrated, type Db } from '../db/open.ts';
import {
	addReading,
	getCooling,
	runningCoolings,
	setCoolingEnd,
	setReadingRemoved
} from '../repos/cooling.ts';
import { getDish } from '../repos/dishes.ts';
import { addFreezer, listFreezers } from '../repos/household.ts';
import {
	countFrozen,
	frozenPacks,
	packByCode,
	packsOfPacking,
	setPackStatus
} from '../repos/packs.ts';
import { packDish, type PackingRequest } from './pack-dish.ts';
import { openUndos } from '../repos/undo.ts';
import { takeBack } from '../undo/take-back.ts';
import { movePack, removePack } from './cook-pack.ts';
import { startCooling } from './start-cooling.ts';
import { writeDish, type DishForm } from './write-dish.ts';

const nowMs = Date.UTC(2026, 10, 24, 12);
/** The real computation, in this thread. */
const compute = (async (_job, input) => cookCard(input as CookCardInput)) as Compute;

describe('from the dish to the freezer, on a real database', () => {
	let client: PGlite;
	let db: Db;
	let request: PackingRequest;
	before(async () => {
		const dump = new Blob([new Uint8Array(await readFile('build/prepared/empty.tar.gz'))]);
		client = await PGlite.create({ loadDataDir: dump });
		db = await migrated(client, 'drizzle');
		await addFreezer(db, { name: 'chest', volumeL: 200, setC: -18, shelves: ['top', 'floor'] });
		const [freezer] = await listFreezers(db);
		const dishId = await writeDish(
			db,
			{
				name: 'Red lentil dal',
				servings: 4,
				kind: 'pulse-soup',
				state: 'cooked',
				lines: '300 g red lentils\n2 onions, diced\n400 g tomatoes\nlove'
			} as DishForm,
			nowMs
		);
		request = {
			dishId,
			count: 2,
			servings: 2,
			container: 'bag-1l',
			massKg: 0.7,
			packedOn: '2026-11-24',
			shelfId: freezer.shelves[1].id
		};
	});
	after(() => client.close());

	it('keeps every line, the unread one marked', async () => {
		const dish = await getDish(db, request.dishId);
		assert.deepEqual(
			dish?.lines.map((line) => [line.text, line.understood]),
			[
				['300 g red lentils', 'full'],
				['2 onions, diced', 'full'],
				['400 g tomatoes', 'full'],
				['love', 'text']
			]
		);
	});

	it('packs get codes, a block, a best-by from the published table and a cook card', async () => {
		const packed = await packDish(db, compute, request);
		assert.ok(packed.ok);
		const packs = await packsOfPacking(db, packed.packingId);
		assert.equal(packs.length, 2);
		assert.notEqual(packs[0].code, packs[1].code);
		// soups and stews 2 to 3 months (FoodSafety.gov, from memory)
		assert.equal(packs[0].packing.storage.bestBy, '2027-01-24');
		assert.equal(packs[0].packing.storage.goodTo, '2027-02-24');
		const { lengthM, widthM, thicknessM } = packs[0].packing;
		assert.ok(Math.abs(lengthM * widthM * thicknessM * 1050 - 0.7) < 0.05);
		assert.equal(packs[0].packing.card.options.length, 8);
		assert.equal((await frozenPacks(db))[0].shelf, 'floor');
	});

	it('an overfull container and an impossible thickness are refused in words', async () => {
		const full = await packDish(db, compute, { ...request, massKg: 6 });
		assert.ok(!full.ok && full.field === 'massKg' && /at most about/.test(full.message));
		const thin = await packDish(db, compute, { ...request, thicknessM: 0.005 });
		assert.ok(!thin.ok && thin.field === 'thicknessM');
	});

	it('cooked and back again, once each', async () => {
		const [{ code }] = await frozenPacks(db);
		const before = await countFrozen(db);
		const cooked = { from: 'frozen', to: 'cooked', cookedAtMs: nowMs } as const;
		assert.equal(await setPackStatus(db, code, cooked), true);
		assert.equal(await setPackStatus(db, code, cooked), false);
		assert.equal(await countFrozen(db), before - 1);
		assert.equal(
			await setPackStatus(db, code, { from: 'cooked', to: 'frozen', cookedAtMs: null }),
			true
		);
		assert.equal((await packByCode(db, code))?.status, 'frozen');
	});

	it('given away, discarded with its reason, moved: each once, each taken back', async () => {
		const [{ code, shelfId }] = await frozenPacks(db);
		const before = await countFrozen(db);
		const takeLastBack = async () => {
			const [{ id }] = await openUndos(db, 1);
			assert.equal(await takeBack(db, id), true);
		};
		const gone = { to: 'discarded', reason: 'freezer-burnt' } as const;
		assert.equal(await removePack(db, code, gone, nowMs), true);
		assert.equal(await removePack(db, code, { to: 'given' }, nowMs), false, 'gone already');
		const pack = await packByCode(db, code);
		assert.deepEqual([pack?.status, pack?.reason], ['discarded', 'freezer-burnt']);
		assert.equal(await countFrozen(db), before - 1);
		assert.equal(await movePack(db, code, shelfId, nowMs), false, 'what is gone is not moved');
		await takeLastBack();
		assert.deepEqual(
			[(await packByCode(db, code))?.status, (await packByCode(db, code))?.reason],
			['frozen', null]
		);
		const [freezer] = await listFreezers(db);
		const other = freezer.shelves.find(({ id }) => id !== shelfId);
		assert.ok(other && (await movePack(db, code, other.id, nowMs)));
		assert.equal((await packByCode(db, code))?.shelfId, other.id);
		await takeLastBack();
		assert.equal((await packByCode(db, code))?.shelfId, shelfId);
	});

	it('a code is never used twice, even when its packs are gone', async () => {
		const seen = new Set((await frozenPacks(db)).map((pack) => pack.code));
		await client.query('delete from packs');
		const again = await packDish(db, compute, request);
		assert.ok(again.ok);
		for (const pack of await packsOfPacking(db, again.packingId)) assert.ok(!seen.has(pack.code));
	});

	it('a cooling run keeps its forecast and readings; a taken-out reading comes back', async () => {
		const started = await startCooling(
			db,
			{
				dishId: request.dishId,
				name: 'Dal',
				vessel: 'pot',
				lengthM: 0.24,
				volumeL: 4,
				startC: 92,
				place: 'counter',
				lid: false,
				stirred: false
			},
			nowMs
		);
		assert.ok(started.ok);
		const id = await addReading(db, { runId: started.id, atMs: nowMs + 60_000, tempC: 90 });
		await setReadingRemoved(db, id, true);
		assert.equal((await getCooling(db, started.id))?.readings.length, 0);
		await setReadingRemoved(db, id, false);
		const run = await getCooling(db, started.id);
		assert.equal(run?.readings[0].tempC, 90);
		assert.equal(run?.forecast.verdict, 'fail');
		assert.equal((await runningCoolings(db)).length, 1);
		await setCoolingEnd(db, started.id, nowMs);
		assert.equal((await runningCoolings(db)).length, 0);
	});

	it('the database refuses what the forms refuse', async () => {
		await assert.rejects(client.query(`update dishes set servings = 400`), /dishes_servings/);
		await assert.rejects(client.query(`update packings set mass_kg = -1`), /packings_mass/);
	});
});
