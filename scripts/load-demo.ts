import { availableParallelism } from 'node:os';
import { startCoreWorker } from '../src/lib/server/core-worker.ts';
import { openDatabase } from '../src/lib/server/db/open.ts';
import { addReading } from '../src/lib/server/writes/cooling.ts';
import { addDay, addDayEvents, markLine, replaceDayDishes } from '../src/lib/server/writes/days.ts';
import type { DayEventKind } from '../src/lib/core/schedule/index.ts';
import { getDay } from '../src/lib/server/queries/days.ts';
import { logCook } from '../src/lib/server/services/packs/after-cooking.ts';
import { changeRun } from '../src/lib/server/services/day/note-events.ts';
import { addPrices, setStock } from '../src/lib/server/writes/pantry.ts';
import { countDishes } from '../src/lib/server/queries/dishes.ts';
import { addNote } from '../src/lib/server/writes/dishes.ts';
import { getHousehold, listFreezers } from '../src/lib/server/queries/household.ts';
import { fillEvenings } from '../src/lib/server/services/table/plan-meals.ts';
import { addLeftovers } from '../src/lib/server/writes/leftovers.ts';
import { mondayOf } from '../src/lib/core/serving/index.ts';
import { addFreezer, saveHousehold } from '../src/lib/server/writes/household.ts';
import { undoEntries } from '../src/lib/server/db/schema/index.ts';
import { setContainerOwned } from '../src/lib/server/writes/freezer-stock.ts';
import { frozenPacks, packByCode } from '../src/lib/server/queries/packs.ts';
import { changePack } from '../src/lib/server/services/packs/change-packs.ts';
import { keepFreezerReadings } from '../src/lib/server/services/packs/keep-freezer-readings.ts';
import { computeMissingCards } from '../src/lib/server/services/packs/cards-behind.ts';
import { writeDown } from '../src/lib/server/services/packs/write-down.ts';
import { packDish } from '../src/lib/server/services/packs/pack-dish.ts';
import { startCooling } from '../src/lib/server/services/cooling/start-cooling.ts';
import { writeDish } from '../src/lib/server/services/dishes/write-dish.ts';
import { addDays } from '../src/lib/core/units/index.ts';
import { dayIn } from '../src/lib/present/time.ts';
import { addPast } from './demo-past.ts';
import {
	containersOwned,
	coolings,
	dishes,
	eaten,
	frozenThings,
	warmSpell,
	freezers,
	house,
	packingDay,
	pastDay,
	leftover,
	packings,
	prices,
	stock
} from './data/demo-household.ts';

/** Fills an empty data folder with the demo household; a folder that holds dishes is left as it is. */
const dataDir = process.argv[2];
if (!dataDir) throw new Error('usage: load-demo DATA_FOLDER');
const opened = await openDatabase({
	dataDir,
	migrationsDir: 'drizzle',
	preparedDump: 'build/prepared/empty.tar.gz'
});
const { db } = opened;
if ((await countDishes(db)) > 0) console.log('The demo household is there already.');
else {
	const nowMs = Date.now();
	const today = dayIn(nowMs, house.timeZone);
	await saveHousehold(db, { ...house, settledAtMs: nowMs });
	for (const freezer of freezers) await addFreezer(db, freezer);
	const shelves = (await listFreezers(db)).flatMap((freezer) => freezer.shelves);
	const ids = new Map<string, number>();
	for (const { key, ...dish } of dishes) ids.set(key, await writeDish(db, dish, nowMs));
	const dayId = await addDay(db, addDays(today, packingDay.inDays), nowMs);
	const pastId = await addDay(db, addDays(today, -pastDay.daysAgo), nowMs);
	for (const [id, planned] of [
		[dayId, packingDay.dishes],
		[pastId, pastDay.dishes]
	] as const)
		await replaceDayDishes(
			db,
			id,
			planned.map(({ dish, ...rest }, position) => ({
				...rest,
				portions: [...rest.portions],
				position,
				dishId: ids.get(dish) as number
			}))
		);
	// a pack keeps what a serving of it cost
	await addPrices(
		db,
		prices.map(([itemName, label, sizeKg, priceCents]) => ({
			itemName,
			label,
			sizeKg,
			priceCents,
			shop: ''
		}))
	);
	const workers = Array.from({ length: Math.min(2, availableParallelism()) }, startCoreWorker);
	let done = 0;
	await Promise.all(
		workers.map(async (worker, lane) => {
			for (let i = lane; i < packings.length; i += workers.length) {
				const { dish, daysAgo, shelf, ...request } = packings[i];
				const packed = await packDish(
					db,
					worker.compute,
					{
						...request,
						dishId: ids.get(dish) as number,
						...(daysAgo === pastDay.daysAgo && { dayId: pastId }),
						packedOn: addDays(today, -daysAgo),
						shelfId: shelves[shelf].id
					},
					nowMs
				);
				if (!packed.ok) throw new Error(`${dish}: ${packed.message}`);
				console.log(`Demo packs ${++done} of ${packings.length}: ${dish}`);
			}
			await computeMissingCards(db, worker.compute);
			await worker.stop();
		})
	);
	const worker = startCoreWorker();
	const things = frozenThings.map(({ shelf, daysAgo, about, ...thing }) => ({
		...thing,
		shelfId: shelves[shelf].id,
		frozen:
			daysAgo === null
				? ({ day: null, known: 'unknown' } as const)
				: ({ day: addDays(today, -daysAgo), known: about ? 'about' : 'day' } as const)
	}));
	const written = await writeDown(db, things, nowMs);
	if (!Array.isArray(written)) throw new Error(written.message);
	await computeMissingCards(db, worker.compute);
	for (const { dish, daysAgo, way, ...cook } of eaten) {
		const called = dishes.find(({ key }) => key === dish)?.name;
		const pack = (await frozenPacks(db)).find(({ name }) => name === called);
		const card = pack && (await packByCode(db, pack.code));
		const option = card?.packing.card?.options.find(
			({ method, state }) => method.appliance === way && state === 'frozen'
		);
		if (!card || !option) throw new Error(`${dish}: no pack to have been eaten`);
		const atMs = nowMs - daysAgo * 86_400_000;
		await changePack(db, card.code, { kind: 'cooked' }, atMs);
		await logCook(db, card, { ...cook, atMs, method: option.method, route: 'frozen' });
	}
	await addPast(db, ids, { today, nowMs });
	// the day that is over, as it went; then the one to come, planned as well as there is time for
	await (
		await changeRun(db, worker.compute, pastId, nowMs, (run) => run)
	)?.searched;
	const past = (await getDay(db, pastId))?.run?.plan;
	if (!past) throw new Error('The past day has no plan.');
	const tasks = past.tasks
		.filter(({ kind }) => kind !== 'pause')
		.toSorted((a, b) => past.startMin[a.id] - past.startMin[b.id]);
	const said = (kind: DayEventKind, key: string, min: number, value: number | null = null) => ({
		uid: `demo-${kind}-${key}`,
		kind,
		key,
		value,
		atMs: Math.round(past.zeroMs + min * 60_000)
	});
	await addDayEvents(db, pastId, [
		said('start', '', 0),
		...tasks.flatMap(({ id, durationMin }, i) => {
			const took01 = pastDay.took01[i % pastDay.took01.length];
			return [
				said('begin', id, past.startMin[id]),
				said('finish', id, past.startMin[id] + durationMin * took01)
			];
		}),
		said('end', '', past.endMin * 1.08)
	]);
	for (const [key, paidCents] of pastDay.paid)
		await markLine(db, { dayId: pastId, key, paidCents, ticked: true, atMs: past.zeroMs });
	await (
		await changeRun(db, worker.compute, dayId, nowMs, (run) => run)
	)?.searched;
	await worker.stop();
	for (const [container, owned] of containersOwned) await setContainerOwned(db, container, owned);
	const chest = (await listFreezers(db)).at(-1)!;
	const hourMs = 3600_000;
	// its thermometer reads every half hour of a month; one day the lid was not shut
	const readings = Array.from({ length: 30 * 48 }, (_, i) => {
		const hoursAgo = 30 * 24 - i / 2;
		const into = warmSpell.fromHoursAgo - hoursAgo;
		const warm =
			into > 0 && into < warmSpell.hours ? Math.sin((Math.PI * into) / warmSpell.hours) : 0;
		const tempC = chest.setC + (warmSpell.toC - chest.setC) * warm + 0.8 * Math.sin(i * 0.9);
		return { atMs: Math.round(nowMs - hoursAgo * hourMs), tempC: Math.round(tempC * 10) / 10 };
	});
	await keepFreezerReadings(db, chest.id, readings, 'thermometer', nowMs);
	const thawing = (await frozenPacks(db)).find(({ name }) => name.startsWith('Chicken'));
	if (thawing)
		await changePack(
			db,
			thawing.code,
			{ kind: 'pulled', place: 'refrigerator' },
			nowMs - 9 * hourMs
		);
	await db.delete(undoEntries);
	for (const [itemName, massKg] of stock) await setStock(db, itemName, massKg);
	for (const { dish, text } of packingDay.notes)
		await addNote(db, { dishId: ids.get(dish) as number, atMs: nowMs, text });
	for (const { dish, minutesAgo, readings, ...request } of coolings) {
		const started = await startCooling(
			db,
			{ ...request, dishId: ids.get(dish) },
			nowMs - minutesAgo * 60_000
		);
		if (!started.ok) throw new Error(`${dish}: ${started.message}`);
		for (const [ago, tempC] of readings)
			await addReading(db, { runId: started.id, atMs: nowMs - ago * 60_000, tempC });
	}
	// this week and the next, what was left yesterday
	const household = await getHousehold(db);
	const monday = mondayOf(today);
	for (const from of [monday, addDays(monday, 7)]) await fillEvenings(db, household, from, nowMs);
	await addLeftovers(db, {
		name: leftover.name,
		codes: [],
		servings: leftover.servings,
		storedAtMs: nowMs - 20 * hourMs,
		eatBy: addDays(today, 2)
	});
	await db.delete(undoEntries);
}
await opened.close();
