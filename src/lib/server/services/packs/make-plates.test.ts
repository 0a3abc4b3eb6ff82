import assert from 'node:assert/strict';
import { after, before, describe, it } from 'node:test';
import { aDish, inlineCompute, openTestDb, type TestClient } from '../../testing/index.ts';
import type { Db } from '../../db/db.ts';
import { getDish, listDishes } from '../../queries/dishes.ts';
import { packByCode } from '../../queries/packs.ts';
import { listFreezers } from '../../queries/household.ts';
import { addDay, replaceDayDishes } from '../../writes/days.ts';
import { addFreezer } from '../../writes/household.ts';
import { writeDish } from '../dishes/write-dish.ts';
import { openPortions } from '../day/day-portions.ts';
import { makePlates } from './make-plates.ts';
import { packAsPlanned } from './pack-portions.ts';

const nowMs = Date.UTC(2026, 10, 24, 12);

describe('plates and planned portions, on a real database', () => {
	let client: TestClient;
	let db: Db;
	let dayId = 0;
	let shelfId = 0;
	let stew = 0;
	let rice = 0;
	before(async () => {
		({ db, client } = await openTestDb());
		await addFreezer(db, { name: 'chest', volumeL: 200, setC: -18, shelves: ['top'] });
		shelfId = (await listFreezers(db))[0].shelves[0].id;
		const dish = (name: string, lines: string, method = 'Simmer for an hour.') =>
			writeDish(db, aDish({ name, lines, method }), nowMs);
		stew = await dish('Beef stew', '1 kg beef shin, diced\n200 g cream\n3 onions, diced');
		rice = await dish('Rice', '500 g rice\n1 tsp salt');
		dayId = await addDay(db, '2026-11-24', nowMs);
		await replaceDayDishes(
			db,
			dayId,
			[stew, rice].map((dishId, position) => ({
				dishId,
				position,
				batches: 1,
				portions: [{ to: 'freezer' as const, packs: 4, servings: 1 }]
			}))
		);
	});
	after(() => client.close());

	const plates = (more: Partial<Parameters<typeof makePlates>[3]> = {}) =>
		makePlates(
			db,
			inlineCompute,
			dayId,
			{
				parts: [
					{ dishId: stew, massKg: 0.25 },
					{ dishId: rice, massKg: 0.15 }
				],
				extras: '60 g frozen peas',
				count: 2,
				container: 'plate',
				shelfId,
				...more
			},
			nowMs
		);

	it('a plate is one pack whose core, allergens and keeping time come from all its parts', async () => {
		const made = await plates();
		assert.ok(made.ok, made.ok ? '' : made.message);
		assert.equal(made.codes.length, 2);
		const pack = await packByCode(db, made.codes[0]);
		const whole = await getDish(db, stew);
		assert.ok(pack && whole);
		assert.equal(pack.name, 'Plate: Beef stew, Rice, frozen peas');
		assert.ok(Math.abs(pack.packing.massKg - 0.46) < 1e-9);
		assert.ok(pack.packing.coreC >= whole.facts.coreC - 1e-9);
		for (const allergen of whole.facts.allergens)
			assert.ok(pack.packing.allergens.includes(allergen), allergen);
		assert.ok(pack.packing.storage.parts.length >= whole.facts.parts.length);
		assert.ok(!(await listDishes(db)).some(({ name }) => name.startsWith('Plate')));
	});

	it('raw food, one part alone and lines without a weight are refused in words', async () => {
		const message = async (more: Parameters<typeof plates>[0]) => {
			const made = await plates(more);
			return made.ok ? '' : made.message;
		};
		assert.match(await message({ extras: '100 g chicken thighs' }), /raw/);
		assert.match(await message({ extras: 'some peas' }), /write how much/);
		assert.match(await message({ extras: '', parts: [{ dishId: rice, massKg: 0.2 }] }), /two/);
	});

	it('what was filled as planned is packed once; plates count for the singles they hold', async () => {
		const { open } = await openPortions(db, dayId);
		const left = (dishId: number) => open.find((row) => row.dishId === dishId)?.packs ?? 0;
		assert.ok(left(stew) < 4 && left(stew) > 0);
		const ask = { id: dayId, dishId: stew };
		assert.equal((await packAsPlanned(db, inlineCompute, ask, nowMs)).length, left(stew));
		assert.equal((await packAsPlanned(db, inlineCompute, ask, nowMs)).length, 0);
	});
});
