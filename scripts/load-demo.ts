import { availableParallelism } from 'node:os';
import { startCoreWorker } from '../src/lib/server/core-worker.ts';
import { openDatabase } from '../src/lib/server/db/open.ts';
import { addReading } from '../src/lib/server/repos/cooling.ts';
import { addDay, replaceDayDishes } from '../src/lib/server/repos/days.ts';
import { addPrices, setStock } from '../src/lib/server/repos/pantry.ts';
import { addNote, countDishes } from '../src/lib/server/repos/dishes.ts';
import { addFreezer, listFreezers, saveHousehold } from '../src/lib/server/repos/household.ts';
import { packDish } from '../src/lib/server/services/pack-dish.ts';
import { startCooling } from '../src/lib/server/services/start-cooling.ts';
import { writeDish } from '../src/lib/server/services/write-dish.ts';
import { addDays } from '../src/lib/core/units/day.ts';
import { dayIn } from '../src/lib/present/time.ts';
import {
	coolings,
	dishes,
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
				const packed = await packDish(db, worker.compute, {
					...request,
					dishId: ids.get(dish) as number,
					packedOn: addDays(today, -daysAgo),
					shelfId: shelves[shelf].id
				});
				if (!packed.ok) throw new Error(`${dish}: ${packed.message}`);
				console.log(`Demo packs ${++done} of ${packings.length}: ${dish}`);
			}
			await worker.stop();
		})
	);
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
