import assert from 'node:assert/strict';
import { after, before, describe, it } from 'node:test';
import ICAL from 'ical.js';
import { methodKey } from '../../../core/appliances/index.ts';
import { cookSheet } from '../../../core/serving/index.ts';
import { addDays } from '../../../core/units/index.ts';
import { dayIn } from '../../../present/time.ts';
import type { Db } from '../../db/db.ts';
import { sheetById } from '../../queries/cook-sheets.ts';
import { getHousehold, listFreezers } from '../../queries/household.ts';
import { mealsBetween, openLeftovers } from '../../queries/meals.ts';
import { frozenPacks, isCookable, packByCode, packsByCode } from '../../queries/packs.ts';
import { openUndos } from '../../queries/undo.ts';
import { aDish, inlineCompute, openTestDb, type TestClient } from '../../testing/index.ts';
import { takeBack } from '../../undo/take-back.ts';
import { addFreezer, saveHousehold } from '../../writes/household.ts';
import { writeDish } from '../dishes/write-dish.ts';
import { packDish } from '../packs/pack-dish.ts';
import { writeDown } from '../packs/write-down.ts';
import { computeMissingCards } from '../packs/cards-behind.ts';
import { dinners } from './dinners.ts';
import { endLeftover } from './leftovers.ts';
import { mealCalendar } from './meal-calendar.ts';
import { dropMeal, fillEvenings, planMeals, replanMeal } from './plan-meals.ts';
import * as deeds from './sheet-deeds.ts';
import { startSheet } from './start-sheet.ts';
import { weekView } from './weeks.ts';
import { wayOfKey } from './way-of-key.ts';

const minMs = 60_000;
const nowMs = Date.UTC(2026, 10, 26, 15, 0);

describe('from choosing to served', () => {
	let client: TestClient;
	let db: Db;
	let codes: string[];
	before(async () => {
		({ db, client } = await openTestDb());
		await saveHousehold(db, { settledAtMs: nowMs, timeZone: 'Europe/Zurich' });
		await addFreezer(db, { name: 'chest', volumeL: 200, setC: -18, shelves: ['top'] });
		const [freezer] = await listFreezers(db);
		const dishId = await writeDish(db, aDish(), nowMs);
		for (const [servings, massKg] of [
			[4, 1.2],
			[2, 0.6],
			[1, 0.3]
		]) {
			const packed = await packDish(
				db,
				inlineCompute,
				{
					dishId,
					count: 1,
					servings,
					massKg,
					container: 'bag-3l',
					packedOn: '2026-11-01',
					shelfId: freezer.shelves[0].id
				},
				nowMs
			);
			assert.ok(packed.ok);
		}
		const thing = {
			name: 'some soup',
			count: 1,
			servings: 2,
			massKg: 0.7,
			shelfId: freezer.shelves[0].id,
			frozen: { day: null, known: 'unknown' }
		} as unknown as Parameters<typeof writeDown>[1][number];
		await writeDown(db, [thing, { ...thing, name: 'rye bread' }], nowMs);
		await computeMissingCards(db, inlineCompute);
		codes = (await frozenPacks(db)).map(({ code }) => code);
	});
	after(() => client.close());

	const begin = async () => {
		const house = await getHousehold(db);
		const dal = (await frozenPacks(db)).find(({ name }) => name.includes('dal'))!;
		const packs = (await packsByCode(db, [dal.code])).filter(isCookable);
		const option = packs[0].packing.card.options.find(
			({ state, setMin, method }) =>
				state === 'frozen' && setMin && method.appliance === 'pressure-cooker'
		)!;
		const asked = {
			packs,
			way: methodKey(option.method),
			route: 'frozen' as const,
			serveAtMs: nowMs + 180 * minMs,
			nowMs
		};
		const id = await startSheet(db, house, inlineCompute, asked);
		assert.ok(id);
		assert.equal(await startSheet(db, house, inlineCompute, { ...asked, way: 'none' }), null);
		return { id, code: dal.code };
	};

	it('every pack is there: a soup known by its name has wide times, bread has none, seven are fed by all of a dish', async () => {
		const house = await getHousehold(db);
		const dinnersFor = async (eaters: number | null) =>
			(await dinners(db, inlineCompute, house, { nowMs, eaters })).by({
				serveAtMs: nowMs + 180 * minMs
			});
		const rows = await dinnersFor(null);
		const of = (name: string) => rows.find(({ pack }) => pack.name === name)!;
		const soup = await of('some soup').evening;
		assert.ok(soup?.best);
		assert.equal(of('rye bread').evening, null);
		const { totalMin } = soup.best;
		assert.ok(totalMin.to / totalMin.likely > 1.25, 'its range is wide');
		const seven = await dinnersFor(7);
		assert.deepEqual(
			seven.map(({ codes: of, left }) => [of.length, left]),
			[[3, 0]]
		);
		const one = await rows.find(({ pack }) => pack.own.servings === 4)!.evening;
		const together = await seven[0].evening;
		assert.ok(together?.best && one?.best);
		assert.deepEqual(await dinnersFor(20), []);
	});

	it('two taps on a step are one, two devices that say different steps are both heard; another pot goes on; served can be taken back', async () => {
		const { id, code } = await begin();
		const both = await Promise.all([
			deeds.tickStep(db, id, 'in', nowMs),
			deeds.tickStep(db, id, 'in', nowMs + 5 * minMs),
			deeds.setWish(db, id, nowMs + 200 * minMs)
		]);
		assert.deepEqual(both, [true, true, true]);
		const sheet = (await sheetById(db, id))!;
		assert.ok([nowMs, nowMs + 5 * minMs].includes(sheet.ticks.in));
		assert.equal(sheet.plan.wishMs, nowMs + 200 * minMs);
		assert.equal(await deeds.tickStep(db, id, 'nonsense', nowMs), true);
		assert.equal((await sheetById(db, id))!.ticks.nonsense, undefined);

		const at = nowMs + 15 * minMs;
		const pots = await deeds.otherPots(inlineCompute, sheet, at);
		assert.ok(pots.length > 0 && pots.every(({ method }) => method.appliance !== 'slow-cooker'));
		assert.ok(await deeds.movePot(db, inlineCompute, id, methodKey(pots[0].method), at));
		assert.equal(await deeds.movePot(db, inlineCompute, id, 'nowhere', at), false);
		const moved = (await sheetById(db, id))!;
		assert.equal(moved.plan.pots.length, 2);
		assert.ok(cookSheet(moved.plan, moved.ticks, at).steps.some(({ kind }) => kind === 'move'));

		const done = { servings: 1, timeZone: 'Europe/Zurich' };
		assert.ok(await deeds.finishSheet(db, id, done, at));
		assert.equal(await deeds.finishSheet(db, id, done, at), false, 'once');
		assert.equal((await packByCode(db, code))?.status, 'cooked');
		const [left] = await openLeftovers(db);
		assert.equal(left.eatBy, addDays(dayIn(at, 'Europe/Zurich'), 3));
		assert.ok(await endLeftover(db, left.id, 'eaten', at));
		assert.equal(await endLeftover(db, left.id, 'eaten', at), false);
		const [gone, cooked] = await openUndos(db, 2);
		assert.ok(await takeBack(db, gone.id, at));
		assert.equal((await openLeftovers(db)).length, 1);
		assert.ok(await takeBack(db, cooked.id, at));
		assert.equal((await packByCode(db, code))?.status, 'frozen');
	});

	it('never switched on: what is offered heats fast, and what is thrown away is discarded with its reason', async () => {
		const { id, code } = await begin();
		await deeds.tickStep(db, id, 'in', nowMs);
		await deeds.foundOff(db, id);
		const sheet = (await sheetById(db, id))!;
		const pots = await deeds.otherPots(inlineCompute, sheet, nowMs + 60 * minMs);
		assert.ok(pots.some(({ method }) => method.appliance === 'pressure-cooker'));
		assert.ok(await deeds.discardSheet(db, id, 'never on', nowMs));
		const pack = await packByCode(db, code);
		assert.deepEqual([pack?.status, pack?.reason], ['discarded', 'never on']);
		const [undo] = await openUndos(db, 1);
		await takeBack(db, undo.id, nowMs);
	});

	it('weeks: filled, moved, taken off and back; a calendar keeps its numbers; a stale page changes nothing', async () => {
		const house = await getHousehold(db);
		const today = dayIn(nowMs, 'Europe/Zurich');
		assert.ok((await fillEvenings(db, house, '2026-11-23', nowMs)) >= 1);
		const [meal] = await mealsBetween(db, today, addDays(today, 7));
		assert.ok(meal.codes.every((code) => codes.includes(code)));
		const calendar = async () => {
			const text = await mealCalendar(db, inlineCompute, house, nowMs);
			return new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent').map((event) => ({
				uid: String(event.getFirstPropertyValue('uid')),
				sequence: Number(event.getFirstPropertyValue('sequence'))
			}));
		};
		const before = await calendar();
		assert.equal(new Set(before.map(({ uid }) => uid)).size, before.length, 'no number twice');
		const what = { what: 'x', nowMs };
		assert.ok(await replanMeal(db, meal, { onDay: addDays(today, 3) }, what));
		assert.equal(await replanMeal(db, meal, { onDay: addDays(today, 4) }, what), false, 'stale');
		const start = `${meal.uid}-start@almacen`;
		const seq = (all: typeof before) => all.find(({ uid }) => uid === start)?.sequence ?? -1;
		const moved = await calendar();
		assert.ok(seq(moved) > seq(before));
		assert.ok(await dropMeal(db, meal.id, what));
		const [undo] = await openUndos(db, 1);
		assert.ok(await takeBack(db, undo.id, nowMs));
		assert.ok(seq(await calendar()) > seq(moved));
	});

	it('two meals in one appliance at one time are named with a way out that a form can say', async () => {
		const house = await getHousehold(db);
		const onDay = '2026-12-10';
		const meal = { onDay, kind: 'packs' as const, name: '', eaters: 2 };
		const dal = (await frozenPacks(db)).filter(({ name }) => name.includes('dal'));
		await planMeals(
			db,
			dal.slice(0, 2).map(({ code }) => ({ ...meal, codes: [code] })),
			{ what: 'x', nowMs }
		);
		const view = await weekView(db, inlineCompute, house, { from: '2026-12-07', days: 7, nowMs });
		const uses = view.meals.map(({ plan }) => plan?.method.appliance);
		const [clash] = view.clashes;
		if (uses[0] === 'hob') assert.equal(clash, undefined, 'the hob has room');
		else {
			assert.ok(clash?.way, `${uses.join()}`);
			assert.deepEqual(wayOfKey(clash.way.key)?.method, clash.way.method);
		}
		assert.equal(wayOfKey('frozen [["appliance","campfire"]]'), null);
		assert.equal(wayOfKey('frozen nonsense'), null);
	});
});
