import assert from 'node:assert/strict';
import { after, before, describe, it } from 'node:test';
import { readStock, readTable, stockCsv } from '../../../formats/stock-csv.ts';
import { metricHabit } from '../../../present/habit.ts';
import { frozenThingSchema, type FrozenThing } from '../../../schemas/frozen-thing.ts';
import { frozenWhen } from '../../../schemas/frozen-when.ts';
import { readForm } from '../../../schemas/read-form.ts';
import type { Db } from '../../db/db.ts';
import { listFreezers } from '../../queries/household.ts';
import { addFreezer } from '../../writes/household.ts';
import { countFrozen, frozenPacks, isCookable, packByCode } from '../../queries/packs.ts';
import { shelfContents, stockLines } from '../../queries/freezer-stock.ts';
import { stockKgByItem } from '../../queries/pantry.ts';
import { openUndos } from '../../queries/undo.ts';
import { takeBack } from '../../undo/take-back.ts';
import { changePacks } from './change-packs.ts';
import { keepFreezerReadings } from './keep-freezer-readings.ts';
import { writeDish, type DishForm } from '../dishes/write-dish.ts';
import { writeFreezer } from '../household/change-freezer.ts';
import { computeMissingCards } from './cards-behind.ts';
import { writeDown } from './write-down.ts';
import { openTestDb, inlineCompute, type TestClient } from '../../testing/index.ts';

const today = '2026-11-25';
const nowMs = Date.UTC(2026, 10, 25, 12);
const compute = inlineCompute;
const when = (typed: string) => frozenWhen(typed, metricHabit, today);

it('when it was frozen, as people say it; a month is taken from its first day, the stricter', () => {
	assert.deepEqual(when(''), { day: null, known: 'unknown' });
	assert.deepEqual(when('unknown'), { day: null, known: 'unknown' });
	assert.deepEqual(when('about March'), { day: '2026-03-01', known: 'about' });
	assert.deepEqual(when('December'), { day: '2025-12-01', known: 'about' });
	assert.deepEqual(when('2025-10'), { day: '2025-10-01', known: 'about' });
	assert.deepEqual(when('about 3 Oct 2026'), { day: '2026-10-03', known: 'about' });
	assert.deepEqual(when('3 Oct'), { day: '2026-10-03', known: 'day' });
	for (const bad of ['when it rained', '2031-01-01', 'tomorrow']) assert.equal(when(bad), null);
});

describe('what is there already, on a real database', () => {
	let client: TestClient;
	let db: Db;
	let shelfId = 0;
	let otherId = 0;
	const thing = (typed: Record<string, string>): FrozenThing => {
		const form = readForm(frozenThingSchema(metricHabit, today), {
			shelfId: String(shelfId),
			...typed
		});
		assert.ok(form.ok, JSON.stringify(form));
		return form.value as FrozenThing;
	};
	const write = async (...things: FrozenThing[]) => {
		const ids = await writeDown(db, things, nowMs);
		assert.ok(Array.isArray(ids));
		return ids;
	};
	before(async () => {
		({ db, client } = await openTestDb());
		await addFreezer(db, { name: 'chest', volumeL: 200, setC: -18, shelves: ['top', 'floor'] });
		const [freezer] = await listFreezers(db);
		[shelfId, otherId] = freezer.shelves.map(({ id }) => id);
		const dal = {
			name: 'Red lentil dal',
			servings: 4,
			kind: 'pulse-soup',
			state: 'cooked',
			lines: '300 g red lentils\n2 onions, diced'
		} as DishForm;
		await writeDish(db, dal, nowMs);
	});
	after(() => client.close());

	it('what is called by a raw meat’s name is raw until it is said otherwise; a pie is no fruit; an unknown name said raw is raw meat', async () => {
		const ids = await write(
			thing({ name: 'chicken thighs' }),
			thing({ name: 'chicken thighs', state: 'cooked' }),
			thing({ name: 'roast chicken' }),
			thing({ name: 'plum pie' }),
			thing({ name: 'zorgle', state: 'raw' })
		);
		const packs = (await frozenPacks(db)).filter(({ packing }) => ids.includes(packing.id));
		const read = new Map(packs.map(({ packing }) => [packing.id, packing]));
		const [thighs, cooked, roast, pie, unknown] = ids.map((id) => read.get(id)!);
		assert.deepEqual(
			[thighs.state, thighs.content, thighs.coreC],
			['raw', 'raw-meat', 73.9],
			'a default never makes food safer than it may be'
		);
		assert.deepEqual([cooked.state, cooked.content], ['cooked', 'cooked']);
		assert.equal(roast.state, 'cooked');
		assert.deepEqual(
			pie.storage.parts.map(({ group }) => group),
			['casserole']
		);
		assert.deepEqual([unknown.content, unknown.coreC], ['raw-meat', 73.9]);
		await takeBack(db, (await openUndos(db, 1))[0].id, nowMs);
	});

	it('nobody knows when: no best-by, first in the list; the maker’s date counts; about March is its first day', async () => {
		await write(
			thing({ name: 'some stew', frozen: '?', group: 'soup-stew' }),
			thing({ name: 'frozen peas', frozen: 'about March', group: 'vegetables', state: 'raw' }),
			thing({ name: 'fish fingers', frozen: 'about May', makerBestBy: '2027-02-01' })
		);
		const packs = await frozenPacks(db);
		assert.deepEqual(
			packs.map(({ name, bestBy }) => [name, bestBy]),
			[
				['some stew', null],
				// vegetables 8 to 12 months (NCHFP, from memory)
				['frozen peas', '2026-11-01'],
				['fish fingers', '2027-02-01']
			]
		);
	});

	it('a dish’s name gets its cook card; peas are stock that Shop sees', async () => {
		await write(thing({ name: 'red lentil DAL', massKg: '700 g', frozen: '1 Nov' }));
		const dal = (await frozenPacks(db)).find(({ name }) => name === 'Red lentil dal')!;
		assert.ok(!isCookable((await packByCode(db, dal.code))!), 'its card comes behind');
		await Promise.all([computeMissingCards(db, compute), computeMissingCards(db, compute)]);
		assert.ok(isCookable((await packByCode(db, dal.code))!));
		assert.equal((await stockKgByItem(db)).peas, 0.5);
		const [{ id }] = await openUndos(db, 1);
		const before = await countFrozen(db);
		await takeBack(db, id, nowMs);
		assert.equal(await countFrozen(db), before - 1);
	});

	it('search: every word, in name, code, shelf; percent signs are only themselves', async () => {
		const find = async (text: string) =>
			(await stockLines(db, { today, text }, { from: 0, most: 9 })).lines.map(({ name }) => name);
		assert.deepEqual(await find('stew chest'), ['some stew']);
		assert.deepEqual(await find('%'), []);
		assert.equal((await find('')).length, 3);
		const { lines } = await stockLines(db, { today, month: 'past' }, { from: 0, most: 9 });
		assert.deepEqual(
			lines.map(({ name }) => name),
			['frozen peas']
		);
		const [shelf] = await shelfContents(db, 2);
		assert.equal(shelf.packs, 3);
		assert.equal(shelf.slabs.length, 2);
	});

	it('a table out and in again: codes that are there are not written twice; bad lines by number', async () => {
		const { lines } = await stockLines(db, { today }, { from: 0, most: 9 });
		const csv = stockCsv(
			lines.map((line) => ({
				...line,
				weight_g: line.massKg * 1000,
				frozen_on: line.packedOn,
				best_by: line.bestBy
			}))
		);
		const table = readTable(
			`${csv}\r\n,new,cooked,2,300,1,about June,,,top\r\n,bad,cooked,2,300,1,,,,attic`
		);
		const read = readStock(table, {
			habit: metricHabit,
			today,
			knownCodes: new Set(lines.map(({ code }) => code)),
			shelves: [{ id: shelfId, shelf: 'top', freezer: 'chest' }],
			usualShelfId: shelfId
		});
		assert.equal(read.there.length, lines.length);
		assert.deepEqual(
			read.things.map(({ name, count, massKg }) => [name, count, massKg]),
			[['new', 1, 0.3]]
		);
		assert.deepEqual(
			read.problems.map(({ line }) => line),
			[lines.length + 3]
		);
		const named = readTable('What;Packs\nsoup;2');
		assert.deepEqual(named.match, { name: 'What', count: 'Packs' });
	});

	it('several at once: those that changed meanwhile stay, and one undo takes all of it back', async () => {
		const rows = await frozenPacks(db);
		const versions = Object.fromEntries(rows.map(({ code, version }) => [code, version]));
		versions[rows[0].code] -= 1;
		const { done, late } = await changePacks(
			db,
			rows.map(({ code }) => code),
			{ kind: 'moved', shelfId: otherId, to: 'floor' },
			{ nowMs, what: 'moved', versions }
		);
		assert.deepEqual([done.length, late], [rows.length - 1, [rows[0].code]]);
		const [{ id }] = await openUndos(db, 1);
		await takeBack(db, id, nowMs);
		assert.ok((await frozenPacks(db)).every((pack) => pack.shelfId === shelfId));
	});

	it('warm readings bring best-by forward, once however often they are sent; taken back it is as before', async () => {
		const [freezer] = await listFreezers(db);
		const bestBy = async () =>
			Object.fromEntries((await frozenPacks(db)).map((pack) => [pack.name, pack.bestBy]));
		const was = await bestBy();
		const readings = Array.from({ length: 101 }, (_, i) => ({
			atMs: nowMs - (100 - i) * 3600_000,
			tempC: -8
		}));
		const keep = () => keepFreezerReadings(db, freezer.id, readings, 'file', nowMs);
		assert.equal(await keep(), 101);
		const now = await bestBy();
		// 100 hours at −8 °C count three times: about eight days are lost
		const lost = (Date.parse(was['fish fingers']!) - Date.parse(now['fish fingers']!)) / 86_400_000;
		assert.ok(lost >= 7 && lost <= 9, String(lost));
		assert.equal(now['some stew'], null);
		assert.equal(await keep(), 0);
		assert.deepEqual(await bestBy(), now);
		const [{ id }] = await openUndos(db, 1);
		await takeBack(db, id, nowMs);
		assert.deepEqual(await bestBy(), was);
	});

	it('a freezer set warmer brings best-by forward from that day on; set back, it is as before; one reading changes nothing', async () => {
		const [freezer] = await listFreezers(db);
		const { name, volumeL, kind } = freezer;
		const shelves = freezer.shelves.map((shelf) => shelf.name).join('\n');
		const form = { name, volumeL, kind, shelves };
		const bestBy = async () =>
			(await frozenPacks(db)).find(({ name }) => name === 'fish fingers')!.bestBy!;
		const was = await bestBy();
		await writeFreezer(db, { ...form, setC: -12 }, nowMs, freezer.id);
		const warm = await bestBy();
		assert.ok(warm < was, `${warm} after ${was}`);
		assert.ok(warm > today, 'the days before count as they were');
		await keepFreezerReadings(db, freezer.id, [{ atMs: nowMs, tempC: -12 }], 'hand', nowMs);
		assert.equal(await bestBy(), warm);
		await writeFreezer(db, { ...form, setC: -18 }, nowMs + 60_000, freezer.id);
		assert.equal(await bestBy(), was);
	});
});
