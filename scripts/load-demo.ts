import { availableParallelism } from 'node:os';
import { startCoreWorker } from '../src/lib/server/core-worker.ts';
import { openDatabase } from '../src/lib/server/db/open.ts';
import { addReading } from '../src/lib/server/writes/cooling.ts';
import { addDay, replaceDayDishes } from '../src/lib/server/writes/days.ts';
import { addPrices, setStock } from '../src/lib/server/writes/pantry.ts';
import { countDishes } from '../src/lib/server/queries/dishes.ts';
import { addNote } from '../src/lib/server/writes/dishes.ts';
import { listFreezers } from '../src/lib/server/queries/household.ts';
import { addFreezer, saveHousehold } from '../src/lib/server/writes/household.ts';
import { undoEntries } from '../src/lib/server/db/schema/index.ts';
import { setContainerOwned } from '../src/lib/server/writes/freezer-stock.ts';
import { frozenPacks } from '../src/lib/server/queries/packs.ts';
import { changePack } from '../src/lib/server/services/packs/change-packs.ts';
import { keepFreezerReadings } from '../src/lib/server/services/packs/keep-freezer-readings.ts';
import { computeMissingCards } from '../src/lib/server/services/packs/cards-behind.ts';
import { writeDown } from '../src/lib/server/services/packs/write-down.ts';
import { packDish } from '../src/lib/server/services/packs/pack-dish.ts';
import { startCooling } from '../src/lib/server/services/cooling/start-cooling.ts';
import { writeDish } from '../src/lib/server/services/dishes/write-dish.ts';
import { addDays } from '../src/lib/core/units/day.ts';
import { dayIn } from '../src/lib/present/time.ts';
import {
	containersOwned,
	coolings,
	dishes,
	frozenThings,
	warmSpell,
	freezers,
	house,
	packingDay,
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
	for (const [itemName, massKg] of stock) await setStock(db, itemName, massKg);
	const dayId = await addDay(db, addDays(today, packingDay.inDays), nowMs);
	await replaceDayDishes(
		db,
		dayId,
		packingDay.dishes.map(({ dish, ...planned }, position) => ({
			...planned,
			position,
			dishId: ids.get(dish) as number
		}))
	);
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
}
await opened.close();
