import assert from 'node:assert/strict';
import { after, before, describe, it } from 'node:test';
import type { Db } from '../db/db.ts';
import { allDishes, getDish } from '../queries/dishes.ts';
import { exportAll } from '../queries/backup.ts';
import { getHousehold, listFreezers } from '../queries/household.ts';
import { openUndos } from '../queries/undo.ts';
import { closeUndo } from '../writes/undo.ts';
import { changeDish, removeDish } from '../services/dishes/change-dish.ts';
import { removeFreezer, writeFreezer } from '../services/household/change-freezer.ts';
import { readBackIn } from '../services/household/read-back-in.ts';
import {
	applianceValues,
	changeHousehold,
	ruleValues
} from '../services/household/save-household.ts';
import { writeDish, type DishForm } from '../services/dishes/write-dish.ts';
import { takeBack } from './take-back.ts';
import { openTestDb, type TestClient } from '../testing/index.ts';

const dal = {
	name: 'Dal',
	servings: 4,
	kind: 'pulse-soup',
	state: 'cooked',
	lines: '300 g red lentils\nlove'
} as DishForm;

describe('what is changed can be taken back, once', () => {
	let client: TestClient;
	let db: Db;
	before(async () => {
		({ db, client } = await openTestDb());
	});
	after(() => client.close());
	const newest = async () => (await openUndos(db, 1))[0];

	it('a dish written over comes back with its lines', async () => {
		const id = await writeDish(db, dal, 0);
		assert.ok(await changeDish(db, { ...dal, name: 'Soup', lines: '1 kg potatoes' }, id, 1));
		assert.equal((await getDish(db, id))?.lines.length, 1);
		const entry = await newest();
		assert.ok(await takeBack(db, entry.id, 9));
		const back = await getDish(db, id);
		assert.equal(back?.name, 'Dal');
		assert.deepEqual(
			back?.lines.map((line) => line.text),
			['300 g red lentils', 'love']
		);
		assert.equal(
			await takeBack(db, entry.id, 9),
			false,
			'a second time there is nothing to take back'
		);
	});

	it('a dish off the menu is not listed, and comes back', async () => {
		const [{ id }] = await allDishes(db);
		assert.ok(await removeDish(db, id, 2));
		assert.equal((await allDishes(db)).length, 0);
		assert.ok(await takeBack(db, (await newest()).id, 9));
		assert.equal((await allDishes(db)).length, 1);
		assert.equal(await removeDish(db, 999, 2), false);
	});

	it('a freezer is corrected, its shelves keep their rows; removed, and back', async () => {
		const form = {
			name: 'chest',
			kind: 'chest',
			volumeL: 200,
			setC: -18,
			shelves: 'top\nfloor\ntop'
		} as const;
		assert.ok((await writeFreezer(db, form, 0)).ok);
		const [box] = await listFreezers(db);
		assert.deepEqual(
			box.shelves.map((s) => s.name),
			['top', 'floor']
		);
		assert.ok((await writeFreezer(db, { ...form, shelves: 'floor\nbasket' }, 1, box.id)).ok);
		const [changed] = await listFreezers(db);
		assert.deepEqual(
			changed.shelves.map((s) => s.name),
			['floor', 'basket']
		);
		assert.equal(changed.shelves[0].id, box.shelves[1].id);
		assert.ok((await removeFreezer(db, box.id, 2)).ok);
		assert.equal((await listFreezers(db)).length, 0);
		assert.ok(await takeBack(db, (await newest()).id, 9));
		assert.equal((await listFreezers(db)).length, 1);
	});

	it('household settings come back; only what is tighter is kept; a measured power stays measured', async () => {
		const rules = {
			leads: 'good-to',
			houseMonths: 3,
			firstGateMin: 90,
			secondGateMin: 360,
			dangerMin: 240,
			coreAddedK: 0
		};
		await changeHousehold(db, ruleValues(rules as Parameters<typeof ruleValues>[0], 'c'), 3);
		assert.deepEqual((await getHousehold(db)).limits, { firstGateMin: 90 });
		assert.ok(await takeBack(db, (await newest()).id, 9));
		assert.deepEqual((await getHousehold(db)).limits, {});

		const now = {
			slowCooker: { volumeL: 6, effectiveLowW: 128, measured: true },
			pressureCooker: { volumeL: 6 },
			oven: {}
		};
		const form = { slowVolumeL: 6, pressureVolumeL: 6 } as Parameters<typeof applianceValues>[0];
		const keep = applianceValues({ ...form, slowLowW: 128 } as typeof form, now);
		const typed = applianceValues({ ...form, slowLowW: 150 } as typeof form, now);
		assert.deepEqual([keep.slowCooker.measured, typed.slowCooker.measured], [true, false]);
	});

	it('a file read back over everything can be taken back too', async () => {
		const was = await exportAll(db, 0);
		const none = { dishes: [], ingredientLines: [], dishVersions: [] };
		const empty = { ...was, tables: { ...was.tables, ...none } };
		const copies = { make: async () => undefined };
		const toldOf = (page: string | null) => async () => ({
			ok: true as const,
			copied: null,
			page
		});
		const unshown = await readBackIn(db, toldOf('/table'), copies, empty, 5);
		assert.match(unshown.ok ? '' : unshown.message, /\/table cannot show/);
		assert.ok((await allDishes(db)).length > 0, 'what cannot be shown replaces nothing');
		assert.ok((await readBackIn(db, toldOf(null), copies, empty, 5)).ok);
		assert.equal((await allDishes(db)).length, 0);
		const line = await newest();
		assert.deepEqual(
			Object.keys(line).sort(),
			['atMs', 'id', 'kind', 'what'],
			'what is kept stays on the server'
		);
		assert.ok(await takeBack(db, line.id, 9));
		assert.deepEqual((await exportAll(db, 0)).tables, was.tables);
	});

	it('a dismissed line takes nothing back', async () => {
		await changeHousehold(db, { roomC: 30 }, 4);
		const entry = await newest();
		assert.ok(await closeUndo(db, entry.id, 'dismissed'));
		assert.equal(await takeBack(db, entry.id, 9), false);
		assert.equal((await getHousehold(db)).roomC, 30);
	});
});
