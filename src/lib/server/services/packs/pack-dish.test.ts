import assert from 'node:assert/strict';
import { after, before, describe, it } from 'node:test';
import type { Db } from '../../db/db.ts';
import { getCooling, runningClocks, runningCoolings } from '../../queries/cooling.ts';
import { addReading, setCoolingEnd, setReadingRemoved } from '../../writes/cooling.ts';
import { getDish } from '../../queries/dishes.ts';
import { listFreezers } from '../../queries/household.ts';
import { addFreezer } from '../../writes/household.ts';
import {
	countFrozen,
	frozenPacks,
	packByCode,
	packsOfPacking,
	packRows
} from '../../queries/packs.ts';
import { packDish, type PackingRequest } from './pack-dish.ts';
import { addedKgSince, containersLeft } from '../../queries/freezer-stock.ts';
import { setContainerOwned } from '../../writes/freezer-stock.ts';
import { freezeReserved } from './freeze-reserved.ts';
import { openUndos } from '../../queries/undo.ts';
import { takeBack } from '../../undo/take-back.ts';
import { changePack, refreezeOf, splitPack, type PackDeed } from './change-packs.ts';
import { startCooling } from '../cooling/start-cooling.ts';
import { writeDish, type DishForm } from '../dishes/write-dish.ts';
import { openTestDb, inlineCompute, type TestClient } from '../../testing/index.ts';

const nowMs = Date.UTC(2026, 10, 24, 12);
const compute = inlineCompute;

describe('from the dish to the freezer, on a real database', () => {
	let client: TestClient;
	let db: Db;
	let request: PackingRequest;
	before(async () => {
		({ db, client } = await openTestDb());
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
		const packed = await packDish(db, compute, request, nowMs);
		assert.ok(packed.ok);
		const packs = await packsOfPacking(db, packed.packingId);
		assert.equal(packs.length, 2);
		assert.notEqual(packs[0].code, packs[1].code);
		// soups and stews 2 to 3 months (FoodSafety.gov, from memory)
		assert.equal(packs[0].packing.storage.bestBy, '2027-01-24');
		assert.equal(packs[0].packing.storage.goodTo, '2027-02-24');
		const { lengthM, widthM, thicknessM } = packs[0].packing;
		assert.ok(Math.abs(lengthM * widthM * thicknessM * 1050 - 0.7) < 0.05);
		// slow cooker low and high, pressure cooker, oven and hob, from frozen and thawed
		assert.equal(packs[0].packing.card!.options.length, 2 * 5);
		assert.equal((await frozenPacks(db))[0].shelf, 'floor');
	});

	it('an overfull container and an impossible thickness are refused in words', async () => {
		const full = await packDish(db, compute, { ...request, massKg: 6 }, nowMs);
		assert.ok(!full.ok && full.field === 'massKg' && /at most about/.test(full.message));
		const thin = await packDish(db, compute, { ...request, thicknessM: 0.005 }, nowMs);
		assert.ok(!thin.ok && thin.field === 'thicknessM');
	});

	const takeLastBack = async () => {
		const [{ id }] = await openUndos(db, 1);
		assert.equal(await takeBack(db, id, nowMs), true);
	};
	const found = async (code: string) => (await packByCode(db, code))!;

	it('each deed once: the second tap finds it done; each is taken back', async () => {
		const [{ code, shelfId }] = await frozenPacks(db);
		const before = await countFrozen(db);
		const [freezer] = await listFreezers(db);
		const other = freezer.shelves.find(({ id }) => id !== shelfId)!;
		const deeds: PackDeed[] = [
			{ kind: 'cooked' },
			{ kind: 'given' },
			{ kind: 'discarded', reason: 'freezer-burnt' },
			{ kind: 'pulled', place: 'refrigerator' },
			{ kind: 'missing' }
		];
		const facts = async () => {
			const { version: _, ...rest } = (await packRows(db, [code]))[0];
			return rest;
		};
		const was = await facts();
		for (const deed of deeds) {
			assert.equal(await changePack(db, code, deed, nowMs), true, deed.kind);
			assert.equal(await changePack(db, code, deed, nowMs), false, `${deed.kind} twice`);
			assert.equal(await countFrozen(db), before - 1);
			const move = { kind: 'moved', shelfId: other.id, to: other.name } as const;
			assert.equal(await changePack(db, code, move, nowMs), false, 'what is out is not moved');
			await takeLastBack();
			assert.deepEqual(await facts(), was);
		}
		const move = { kind: 'moved', shelfId: other.id, to: other.name } as const;
		assert.equal(await changePack(db, code, move, nowMs), true);
		assert.equal((await found(code)).shelfId, other.id);
		await takeLastBack();
		assert.equal((await found(code)).shelfId, shelfId);
	});

	it('two devices take the same pack: one does, the other is told; nothing is counted twice', async () => {
		const [{ code, version }] = await frozenPacks(db);
		const half: PackDeed = { kind: 'used-part', part01: 0.5, detail: '1' };
		const both = await Promise.all([
			changePack(db, code, half, nowMs, version),
			changePack(db, code, half, nowMs, version)
		]);
		assert.deepEqual(both.sort(), [false, true]);
		assert.equal((await found(code)).part01, 0.5);
		const rest = await changePack(db, code, half, nowMs);
		assert.ok(rest, 'the rest of it is used');
		assert.equal((await found(code)).status, 'cooked');
		assert.equal(await changePack(db, code, half, nowMs), false);
	});

	it('an undo does not write over what somebody did since', async () => {
		const [{ code }] = await frozenPacks(db);
		await changePack(db, code, { kind: 'pulled', place: 'refrigerator' }, nowMs);
		const [{ id }] = await openUndos(db, 1);
		await changePack(db, code, { kind: 'cooked' }, nowMs);
		await takeBack(db, id, nowMs);
		assert.equal((await found(code)).status, 'cooked');
		await changePack(db, code, { kind: 'put-back' }, nowMs);
	});

	it('split: as much as before, each with its own code; taken back they are gone', async () => {
		const [{ code, part01 }] = await frozenPacks(db);
		const frozen = await countFrozen(db);
		const added = await splitPack(db, code, 3, { nowMs, what: 'split' });
		assert.equal(added?.length, 2);
		const rows = await packRows(db, [code, ...added!]);
		assert.ok(Math.abs(rows.reduce((sum, row) => sum + row.part01, 0) - part01) < 1e-9);
		assert.equal(new Set(rows.map((row) => row.code)).size, 3);
		await takeLastBack();
		assert.equal(await countFrozen(db), frozen);
		assert.equal((await found(code)).part01, part01);
	});

	it('out to thaw it has its clocks; whether it may be frozen again follows from where and how long', async () => {
		const [{ code }] = await frozenPacks(db);
		const day = 24 * 3600_000;
		await changePack(db, code, { kind: 'pulled', place: 'cold-water' }, nowMs);
		const verdict = async (afterMs: number) =>
			refreezeOf(await found(code), nowMs + afterMs)?.outcome;
		assert.equal(await verdict(3600_000), 'cook-first');
		assert.equal(await verdict(day), 'discard');
		await takeLastBack();
		await changePack(db, code, { kind: 'pulled', place: 'refrigerator' }, nowMs);
		assert.equal(await verdict(day), 'refreeze');
		assert.equal(await verdict(30 * day), 'discard');
		assert.equal(await changePack(db, code, { kind: 'refrozen' }, nowMs + day), true);
		assert.equal((await found(code)).status, 'frozen');
	});

	it('labels first: reserved packs are no stock until they are filled; the later day counts for best-by', async () => {
		const before = await countFrozen(db);
		await setContainerOwned(db, 'bag-1l', 5);
		const packed = await packDish(db, compute, { ...request, ahead: true }, nowMs);
		assert.ok(packed.ok);
		assert.equal(await countFrozen(db), before);
		const left = async () =>
			(await containersLeft(db)).find(({ container }) => container === 'bag-1l')?.left;
		assert.equal(await left(), 3, 'bags are used up as labels are printed for them');
		const [first, second] = await packsOfPacking(db, packed.packingId);
		const dayMs = 24 * 3600_000;
		await freezeReserved(db, {
			packingId: packed.packingId,
			codes: [first.code],
			massesKg: new Map([[first.code, 0.81]]),
			packedOn: '2026-11-26',
			nowMs: nowMs + 2 * dayMs
		});
		const filled = await found(first.code);
		assert.deepEqual(
			[filled.status, filled.massKg, filled.bestBy, filled.packing.packedOn],
			// soups and stews 2 months (FoodSafety.gov, from memory)
			['frozen', 0.81, '2027-01-26', '2026-11-26']
		);
		assert.equal((await found(second.code)).status, 'reserved');
		const [freezer] = await listFreezers(db);
		const added = await addedKgSince(db, nowMs + dayMs);
		assert.ok(Math.abs((added.get(freezer.id) ?? 0) - 0.81) < 1e-9, 'what went in since then');
		await takeLastBack();
		assert.equal((await found(first.code)).status, 'reserved');
	});

	it('bought frozen and thawed on the counter: raw it is not packed; in the refrigerator it is, and says so', async () => {
		const dishId = await writeDish(
			db,
			{
				name: 'Fish pie, raw',
				servings: 4,
				kind: 'assembled-bake',
				state: 'raw',
				lines: '600 g cod\n300 g potatoes'
			} as DishForm,
			nowMs
		);
		const raw = { ...request, dishId, container: 'pan-20', massKg: 0.9 } as const;
		const refused = await packDish(db, compute, { ...raw, boughtFrozen: 'otherwise' }, nowMs);
		assert.ok(!refused.ok && refused.field === 'boughtFrozen');
		const packed = await packDish(db, compute, { ...raw, boughtFrozen: 'refrigerator' }, nowMs);
		assert.ok(packed.ok);
		const [pack] = await packsOfPacking(db, packed.packingId);
		assert.equal(pack.packing.thawedBefore, true);
	});

	it('a code is never used twice, even when its packs are gone', async () => {
		const seen = new Set((await frozenPacks(db)).map((pack) => pack.code));
		await client.exec('delete from pack_events; delete from packs');
		const again = await packDish(db, compute, request, nowMs);
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
		assert.ok(id !== null);
		assert.equal(await addReading(db, { runId: 9999, atMs: nowMs, tempC: 90 }), null);
		const clock = () => runningClocks(db).then((all) => all.find((one) => one.id === started.id));
		assert.equal((await clock())?.glance.lastReading?.tempC, 90);
		await setReadingRemoved(db, id, true);
		assert.equal((await clock())?.glance.lastReading, null);
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
