import assert from 'node:assert/strict';
import { after, before, describe, it } from 'node:test';
import {
	coolId,
	dayBoard,
	type DayEvent,
	type DayEventKind,
	dayState,
	goesOnWith,
	type RunSheet,
	takeOutKey
} from '../../../core/schedule/index.ts';
import { metricHabit } from '../../../present/habit.ts';
import type { Db } from '../../db/db.ts';
import { coolingsOfDay, getCooling, runningCoolings } from '../../queries/cooling.ts';
import { addReadings } from '../../writes/cooling.ts';
import { eventsOfDay, getDay } from '../../queries/days.ts';
import { addDay, replaceDayDishes } from '../../writes/days.ts';
import { setDishExtras } from '../../writes/dishes.ts';
import { listFreezers } from '../../queries/household.ts';
import { addFreezer } from '../../writes/household.ts';
import { stockKgByItem } from '../../queries/pantry.ts';
import { coolAgain, coolingHelps, discardRun } from '../cooling/decisions.ts';
import { coolingWayNames } from '../../../core/cooling/index.ts';
import { limitsFrom } from '../../../core/rules/index.ts';
import { onChange } from '../../live/changes.ts';
import { packDish } from '../packs/pack-dish.ts';
import { prepDay } from './prep-lists.ts';
import { acceptLearned } from './learned-work.ts';
import { changeRun, noteEvents } from './note-events.ts';
import { writeDish, type DishForm } from '../dishes/write-dish.ts';
import { openTestDb, inlineCompute, type TestClient } from '../../testing/index.ts';

const compute = inlineCompute;

const form = (name: string, lines: string, method: string): DishForm => ({
	name,
	servings: 6,
	kind: 'meat-in-sauce',
	state: 'cooked',
	lines,
	method,
	addOnDay: '',
	appliance: undefined,
	setting: undefined,
	ovenC: undefined,
	instructionState: undefined,
	fromMin: undefined,
	toMin: undefined
});
const minute = 60_000;
const morning = Date.UTC(2026, 10, 28, 8);
let made = 0;
const event = (
	kind: DayEventKind,
	key: string,
	atMin: number,
	value: number | null = null
): DayEvent => ({
	uid: `event-${++made}`,
	kind,
	key,
	value,
	atMs: morning + atMin * minute
});

describe('a packing day on a real database', () => {
	let client: TestClient;
	let db: Db;
	let stew = 0;
	let dayId = 0;
	let run: RunSheet;

	before(async () => {
		({ db, client } = await openTestDb());
		stew = await writeDish(
			db,
			form(
				'Beef stew',
				'1 kg beef shin, diced\n3 onions, diced\n1 l stock',
				'Brown the beef. Simmer for 2 hours.'
			),
			morning
		);
		const soup = await writeDish(
			db,
			form('Onion soup', '4 onions, diced\n1 l stock', 'Soften the onions. Simmer for 30 minutes.'),
			morning
		);
		await addFreezer(db, { name: 'chest', volumeL: 200, setC: -18, shelves: ['basket'] });
		dayId = await addDay(db, '2026-11-28', morning);
		await replaceDayDishes(
			db,
			dayId,
			[stew, soup].map((dishId, position) => ({
				dishId,
				position,
				batches: 1,
				portions: [{ to: 'freezer', packs: 2, servings: 3 }]
			}))
		);
	});
	after(() => client.close());

	const note = async (...events: DayEvent[]) => {
		const at = Math.max(...events.map(({ atMs }) => atMs));
		const noted = await noteEvents(db, compute, dayId, at, events);
		run = (await noted?.replanned) as RunSheet;
	};
	/** A day changed and planned, the search for a better plan over. */
	const planned = async (id: number, change: (was: RunSheet) => RunSheet): Promise<RunSheet> => {
		const changed = await changeRun(db, compute, id, morning, change);
		assert.ok(changed?.run.plan?.rough, 'there is a first plan at once');
		await changed.searched;
		const found = (await getDay(db, id))?.run;
		assert.ok(found?.plan && !found.plan.rough);
		assert.ok(found.plan.endMin <= changed.run.plan.endMin + 1e-6);
		return found;
	};
	const stateNow = async () => dayState(await eventsOfDay(db, dayId));

	it('prep: onions for both dishes in one line, meat last, two containers a dish', async () => {
		const prep = await prepDay(db, { id: dayId, onDay: '2026-10-10' }, metricHabit, '2026-01-01');
		const [onion] = prep.lists.chop;
		assert.deepEqual([onion.item, onion.pieces, onion.shares.length], ['onions', 7, 2]);
		assert.equal(prep.lists.chop.at(-1)?.item, 'beef shin');
		assert.equal(prep.labels, 4);
	});

	it('a frozen component is taken out for the day by a tick, and put back when the tick goes', async () => {
		const onions = await writeDish(
			db,
			{ ...form('Diced onion', '400 g onions, diced', 'Dice.'), state: 'raw' },
			morning
		);
		await setDishExtras(db, onions, { standsFor: 'onion' });
		const [freezer] = await listFreezers(db);
		const packed = await packDish(
			db,
			compute,
			{
				dishId: onions,
				count: 1,
				servings: 1,
				container: 'bag-1l',
				massKg: 0.4,
				packedOn: '2026-11-20',
				shelfId: freezer.shelves[0].id
			},
			0
		);
		assert.ok(packed.ok);
		const out = async () =>
			(await prepDay(db, { id: dayId, onDay: '2026-10-10' }, metricHabit, '2026-01-01')).takeOut;
		const [{ code }] = await out();
		const key = takeOutKey(code);
		const frozen = async () => (await stockKgByItem(db)).onion ?? 0;
		assert.equal(await frozen(), 0.4);
		await noteEvents(db, compute, dayId, morning, [event('untick', key, -9)]);
		assert.equal(await frozen(), 0.4, 'nothing was taken out yet');
		await noteEvents(db, compute, dayId, morning, [event('tick', key, -5)]);
		assert.equal(await frozen(), 0);
		assert.deepEqual(
			(await out()).map(({ taken }) => taken),
			[true],
			'it stays on the list, ticked'
		);
		await noteEvents(db, compute, dayId, morning, [event('untick', key, -4)]);
		assert.equal(await frozen(), 0.4);
	});

	it('planned with its bound, what holds it back, and a way to cool each hot dish that passes', async () => {
		run = await planned(dayId, (was) => ({
			...was,
			startClock: '08:00'
		}));
		const { plan } = run;
		assert.ok(plan && plan.outcome !== 'infeasible' && plan.missing.length === 0);
		assert.ok(plan.endMin >= plan.lowerBoundMin - 1e-6 && plan.endMin >= 120);
		assert.deepEqual(plan.outlook?.heldBy, { kind: 'dish', dishId: stew });
		assert.deepEqual(
			Object.values(run.cooling).map(({ verdict }) => verdict),
			['pass', 'pass']
		);
		const fewer = await planned(dayId, (was) => ({
			...was,
			capacity: { ...was.capacity, burner: 0 }
		}));
		assert.ok(fewer.plan?.missing.some(({ resource }) => resource === 'burner'));
		run = await planned(dayId, (was) => ({
			...was,
			capacity: { ...was.capacity, burner: 4 }
		}));
	});

	it('what is told twice counts once, in whatever order it arrives; everybody is told', async () => {
		const told: string[] = [];
		const stop = onChange(({ topic }) => told.push(topic));
		const start = event('start', '', 0);
		const onions = event('begin', 'chop:onion, diced', 1);
		await note(start, onions);
		await note(onions, start);
		stop();
		assert.ok(told.includes('day'));
		const known = await eventsOfDay(db, dayId);
		assert.equal(known.filter(({ key }) => !key.startsWith(takeOutKey(''))).length, 2);
		const board = dayBoard(run.plan!, await stateNow(), morning + 3 * minute);
		const cutting = board.find(({ task }) => task.id === 'chop:onion, diced');
		assert.equal(cutting?.status, 'running');
		assert.equal(cutting?.startMs, morning + minute);
		assert.equal(goesOnWith(board, 'chop:onion, diced')?.task.uses?.hands, 1);
	});

	it('late, slow, left out and taken back: the rest moves, what has begun stays', async () => {
		const endOf = () => run.plan?.endMin ?? 0;
		const before = endOf();
		await note(event('late', 'chop:onion, diced', 5, 45));
		assert.ok(endOf() > before + 20, `${endOf()} after ${before}`);
		await note(event('finish', 'chop:onion, diced', 12));
		const soupFry = run.plan?.tasks.find(({ text }) => text === 'Soften the onions');
		assert.ok(soupFry);
		await note(event('skip', soupFry.id, 13));
		assert.equal((await stateNow()).tasks[soupFry.id].skipped, true);
		await note(event('again', soupFry.id, 14));
		assert.equal((await stateNow()).tasks[soupFry.id], undefined);
		await note(event('move', soupFry.id, 15, morning + 100 * minute));
		assert.ok((run.plan?.startMin[soupFry.id] ?? 0) >= 100 - 1e-6);
		await note(event('pause', '', 16, 15));
		const hands = run.plan!.tasks.filter(({ kind, uses }) => kind !== 'pause' && uses?.hands);
		for (const { id } of hands)
			if ((await stateNow()).tasks[id] === undefined)
				assert.ok(run.plan!.startMin[id] >= 31 - 1e-6, `${id} in the break`);
	});

	it('a cooling task begun is a cooling run, once; finished it ends', async () => {
		const begin = event('begin', coolId(stew), 150);
		await note(begin);
		await note(begin, event('begin', coolId(stew), 151));
		const runs = await coolingsOfDay(db, dayId);
		assert.equal(runs.length, 1);
		assert.equal(runs[0].startedAtMs, morning + 150 * minute);
		assert.equal(runs[0].forecast.verdict, 'pass');
		await note(event('finish', coolId(stew), 260));
		assert.equal((await coolingsOfDay(db, dayId))[0].endedAtMs, morning + 260 * minute);
		assert.equal((await runningCoolings(db)).length, 0);
	});

	it('kept times change the next day’s estimates: an hour in place of half an hour counts half way', async () => {
		const [soup] = run.plan!.tasks.filter(({ text }) => text === 'Simmer for 30 minutes');
		await note(event('begin', soup.id, 200), event('finish', soup.id, 260));
		const next = await addDay(db, '2026-12-05', morning);
		await replaceDayDishes(db, next, [
			{ dishId: soup.dishIds[0], position: 0, batches: 1, portions: [] }
		]);
		const later = await planned(next, (was) => was);
		const again = later.plan?.tasks.find(({ text }) => text === 'Simmer for 30 minutes');
		assert.equal(again?.durationMin, 42);
		assert.equal(again?.baseMin, 30);
		// the cook says that the day was odd: its time does not count, and counts again
		const minutes = async (counts: boolean) => {
			assert.ok(await acceptLearned(db, dayId, again!.work, counts));
			const anew = await planned(next, (was) => was);
			return anew.plan?.tasks.find(({ work }) => work === again!.work)?.durationMin;
		};
		assert.equal(await minutes(false), 30);
		assert.equal(await minutes(true), 42);
	});

	it('missed and measured: what still helps while there is time; reheated once; then discarded and never packed', async () => {
		const limits = limitsFrom({});
		const at = (min: number) => morning + (300 + min) * minute;
		const again = await coolAgain(
			db,
			compute,
			(await getCooling(db, (await coolingsOfDay(db, dayId))[0].id))!,
			{
				way: 'pot-counter',
				nowMs: at(0),
				limits
			}
		);
		await addReadings(db, again, 'probe', [
			{ atMs: at(10), tempC: 73 },
			{ atMs: at(20), tempC: 72 }
		]);
		assert.equal(await addReadings(db, again, 'probe', [{ atMs: at(20), tempC: 72 }]), 0);
		const slow = (await getCooling(db, again))!;
		assert.ok(slow.reheatOfId !== null && slow.input.startC === 74, 'from 74 °C, as a second try');
		const helps = await coolingHelps(compute, slow, at(21), limits);
		// the least work first, and never the counter that was too slow
		const names = helps.map(({ name }) => name);
		assert.ok(names.includes('pot-ice-bath') && !names.includes('pot-counter'), names.join());
		assert.deepEqual(
			names,
			coolingWayNames.filter((name) => names.includes(name))
		);
		await discardRun(db, slow, at(200), limits);
		const [freezer] = await listFreezers(db);
		const packed = await packDish(
			db,
			compute,
			{
				dishId: stew,
				coolingRunId: again,
				count: 1,
				servings: 3,
				container: 'bag-1l',
				massKg: 0.6,
				packedOn: '2026-11-28',
				shelfId: freezer.shelves[0].id
			},
			0
		);
		assert.ok(!packed.ok && /discarded/.test(packed.message));
		assert.equal((await getDay(db, dayId))?.run?.plan?.tasks.length, run.plan?.tasks.length);
	});
});
