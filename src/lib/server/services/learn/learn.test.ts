import assert from 'node:assert/strict';
import { after, before, describe, it } from 'node:test';
import { type CookRecord, forecastMinOf } from '../../../core/learning/index.ts';
import type { Db } from '../../db/db.ts';
import { cooks } from '../../db/schema/index.ts';
import { dishesOfDay, marksOfDay } from '../../queries/days.ts';
import { getDish, latestNotes } from '../../queries/dishes.ts';
import { getHousehold, listFreezers } from '../../queries/household.ts';
import { frozenPacks, isCookable, packByCode } from '../../queries/packs.ts';
import { listPrices } from '../../queries/pantry.ts';
import { openUndos } from '../../queries/undo.ts';
import { aDish, inlineCompute, openTestDb, type TestClient } from '../../testing/index.ts';
import { takeBack } from '../../undo/take-back.ts';
import { addDay } from '../../writes/days.ts';
import { addFreezer, saveHousehold } from '../../writes/household.ts';
import { addPrices } from '../../writes/pantry.ts';
import { notePaid, putDishOn } from '../day/change-day.ts';
import { planOfDay } from '../day/plan-menu.ts';
import { writeDish } from '../dishes/write-dish.ts';
import { changePack } from '../packs/change-packs.ts';
import { packDish } from '../packs/pack-dish.ts';
import { questionOf } from '../table/pack-question.ts';
import { acceptProposal, setAside, unlearnAppliance, unlearnDish } from './accept.ts';
import { figuresOf } from './figures.ts';
import { listOf } from './learn-lists.ts';
import { appliancePaces } from './paces.ts';
import { worthChanging } from './worth-changing.ts';

const dayMs = 86_400_000;
const nowMs = Date.UTC(2026, 10, 26, 18, 0);

describe('what a household wrote down, and what follows', () => {
	let client: TestClient;
	let db: Db;
	let dishId: number;
	const kinds = async () =>
		(await worthChanging(db, inlineCompute, await getHousehold(db), nowMs)).map(({ key }) => key);
	const accept = async (key: string) =>
		acceptProposal(db, inlineCompute, await getHousehold(db), key, nowMs);
	const undo = async () => takeBack(db, (await openUndos(db, 1))[0].id, nowMs);

	before(async () => {
		({ db, client } = await openTestDb());
		await saveHousehold(db, { settledAtMs: nowMs, timeZone: 'Europe/Zurich' });
		await addFreezer(db, { name: 'chest', volumeL: 200, setC: -18, shelves: ['top'] });
		const [{ shelves }] = await listFreezers(db);
		dishId = await writeDish(db, aDish(), nowMs);
		const lentils = { label: 'bag', sizeKg: 0.5, priceCents: 240, shop: '' };
		await addPrices(db, [{ ...lentils, itemName: 'red lentils' }]);
		for (const packedOn of ['2026-08-01', '2026-08-20', '2026-09-10', '2026-10-01']) {
			const packed = await packDish(
				db,
				inlineCompute,
				{
					dishId,
					count: 2,
					servings: 2,
					massKg: 0.7,
					container: 'bag-1l',
					packedOn,
					shelfId: shelves[0].id
				},
				nowMs
			);
			assert.ok(packed.ok);
			for (const [i, pack] of (await frozenPacks(db)).entries()) {
				const atMs = Date.parse(packedOn) + (4 + i) * dayMs;
				await changePack(db, pack.code, { kind: 'cooked' }, atMs);
				const known = await packByCode(db, pack.code);
				assert.ok(known && isCookable(known));
				const option = known.packing.card.options.find(
					({ method, state }) => method.appliance === 'slow-cooker' && state === 'frozen'
				)!;
				const asked = {
					convert: known.packing.cardInput.convert,
					method: option.method,
					state: 'frozen',
					setMin: 300,
					coreC: 55
				} as const;
				// a slow cooker that takes a quarter longer
				await db.insert(cooks).values({
					packId: known.id,
					atMs,
					method: option.method,
					route: 'frozen',
					setMin: forecastMinOf(asked)! * 1.25,
					coreC: 55,
					outcome: 'over' as CookRecord['outcome'],
					enough: 'too-little'
				});
			}
		}
	});
	after(() => client.close());

	it('a slow cooker a quarter slow is found, used on cards, forgotten, each taken back', async () => {
		const [found] = await appliancePaces(db, inlineCompute, await getHousehold(db));
		assert.equal(found.appliance, 'slow-cooker');
		assert.ok(Math.abs(found.pace!.factor - 1.25) < 0.06, String(found.pace?.factor));
		assert.ok(await accept('pace slow-cooker'));
		const house = await getHousehold(db);
		const [{ code }] = found.rests;
		const pack = await packByCode(db, code);
		assert.ok(pack && isCookable(pack));
		assert.ok(questionOf(pack, house).today.paces?.['slow-cooker']);
		assert.equal(questionOf(pack, house).current, false);
		assert.ok(!(await kinds()).includes('pace slow-cooker'));
		await unlearnAppliance(db, house, 'slow-cooker', true, nowMs);
		assert.deepEqual(await appliancePaces(db, inlineCompute, await getHousehold(db)), []);
		assert.ok(await undo());
		assert.ok((await getHousehold(db)).owned.paces?.['slow-cooker']);
		assert.ok(await undo());
		assert.ok((await kinds()).includes('pace slow-cooker'));
	});

	it('gone within days four times: twice; put on a day it comes so; back to one', async () => {
		assert.ok((await kinds()).includes(`twice ${dishId}`));
		assert.ok(await accept(`twice ${dishId}`));
		assert.equal((await getDish(db, dishId))?.usualBatches, 2);
		const dayId = await addDay(db, '2026-12-05', nowMs);
		await putDishOn(db, dayId, dishId);
		assert.equal((await dishesOfDay(db, dayId))[0].batches, 2);
		assert.ok(!(await kinds()).includes(`twice ${dishId}`));
		assert.ok(await undo());
		assert.equal((await getDish(db, dishId))?.usualBatches, null);
		assert.equal(await accept('twice 999'), false);
	});

	it('too dry: minutes off this dish in this appliance, no less than safe; not now is remembered', async () => {
		const key = `shorter ${dishId} slow-cooker frozen`;
		const found = (await worthChanging(db, inlineCompute, await getHousehold(db), nowMs)).find(
			(one) => one.key === key
		);
		// at 55 °C there is nothing to take off
		assert.equal(found, undefined);
		const larger = `larger ${dishId}`;
		assert.ok(await accept(larger));
		assert.match((await latestNotes(db)).get(dishId) ?? '', /Too little 8 of 8 times/);
		assert.ok(await undo());
		assert.equal((await latestNotes(db)).get(dishId), undefined);
		assert.ok((await kinds()).includes(larger));
		await setAside(db, await getHousehold(db), larger, nowMs);
		assert.ok(!(await kinds()).includes(larger));
		assert.equal(await unlearnDish(db, await getHousehold(db), 999, nowMs), false);
	});

	it('figures are sums of their packs, each opens them', async () => {
		const house = await getHousehold(db);
		const figures = await figuresOf(db, house, 'year', nowMs);
		assert.deepEqual([figures.made, figures.eaten, figures.thrown.packs], [8, 8, 0]);
		assert.equal(
			figures.flow.reduce((sum, { made }) => sum + made, 0),
			8
		);
		const list = (name: 'waits' | 'cost' | 'made', part: string | null = null) =>
			listOf(db, inlineCompute, house, { list: name, span: 'year', part, nowMs });
		assert.equal((await list('waits')).length, 8);
		assert.equal((await list('made', figures.flow.find(({ made }) => made > 0)!.from)).length, 2);
		assert.equal(figures.cost.priced, (await list('cost')).length);
		assert.ok(figures.waits.days !== null && figures.waits.days >= 4 && figures.waits.days <= 5);
		const month = await figuresOf(db, house, 'month', nowMs);
		assert.equal(month.made, 0);
	});

	it('what was really paid goes into the price book with its day, and is what the next list reckons with', async () => {
		const dayId = await addDay(db, '2026-12-12', nowMs);
		await putDishOn(db, dayId, dishId);
		const asked = {
			prefer: 'price',
			withStaples: false,
			matches: false,
			today: '2026-11-26'
		} as const;
		const [line] = (await planOfDay(db, dayId, asked))!.priced.filter(({ packs }) => packs.length);
		const count = line.packs[0].count;
		const paid = { dayId, key: line.line.key, paidCents: 300 * count, atMs: nowMs };
		assert.ok(await notePaid(db, paid));
		assert.ok(await notePaid(db, paid));
		const book = (await listPrices(db)).filter(({ itemName }) => itemName === 'red lentils');
		assert.deepEqual(
			book.map(({ priceCents, onDay }) => [priceCents, onDay]),
			[[300, '2026-11-26']]
		);
		assert.equal((await marksOfDay(db, dayId))[0].paidCents, 300 * count);
	});
});
