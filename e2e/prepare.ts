import { rmSync } from 'node:fs';
import { spawnSync } from 'node:child_process';
import { startCoreWorker } from '../src/lib/server/core-worker.ts';
import { openDatabase } from '../src/lib/server/db/open.ts';
import { listFreezers } from '../src/lib/server/queries/household.ts';
import { startCooling } from '../src/lib/server/services/cooling/start-cooling.ts';
import { writeDish } from '../src/lib/server/services/dishes/write-dish.ts';
import { packDish } from '../src/lib/server/services/packs/pack-dish.ts';
import { addReading } from '../src/lib/server/writes/cooling.ts';
import { addFreezer, saveHousehold } from '../src/lib/server/writes/household.ts';
import { dayIn } from '../src/lib/present/time.ts';
import { templates } from './templates.ts';

/** Makes the data folders that the journeys start from: the demo household, and a small one that has just settled in. */
for (const dir of Object.values(templates)) rmSync(dir, { recursive: true, force: true });
const made = spawnSync(
	process.execPath,
	['--import', 'tsx', 'scripts/load-demo.ts', templates.demo],
	{ stdio: ['ignore', 'ignore', 'inherit'] }
);
if (made.status !== 0) process.exit(made.status ?? 1);

const { db, close } = await openDatabase({
	dataDir: templates.settled,
	migrationsDir: 'drizzle',
	preparedDump: 'build/prepared/empty.tar.gz'
});
const nowMs = Date.now();
const core = startCoreWorker();
await saveHousehold(db, { settledAtMs: nowMs, altitudeM: 1450, timeZone: 'Europe/Zurich' });
await addFreezer(db, {
	name: 'chest freezer',
	volumeL: 200,
	setC: -18,
	shelves: ['top basket', 'floor']
});
const [freezer] = await listFreezers(db);
const chicken = await writeDish(
	db,
	{
		name: 'Chicken with leek and tarragon',
		servings: 4,
		kind: 'lean-pieces',
		state: 'raw',
		lines:
			'800 g chicken thighs, in pieces\n2 leeks, sliced\n1 tbsp mustard\n200 ml chicken stock\n120 ml cream, on the day',
		addOnDay: '120 mL cream, stirred in at the end',
		appliance: 'pressure-cooker',
		instructionState: 'thawed',
		fromMin: 10,
		toMin: 12
	} as Parameters<typeof writeDish>[1],
	nowMs
);
const dal = await writeDish(
	db,
	{
		name: 'Red lentil dal',
		servings: 6,
		kind: 'pulse-soup',
		state: 'cooked',
		lines: '400 g red lentils\n2 onions, diced\n1 L vegetable stock'
	} as Parameters<typeof writeDish>[1],
	nowMs
);
await packDish(
	db,
	core.compute,
	{
		dishId: chicken,
		count: 1,
		servings: 4,
		container: 'bag-3l',
		massKg: 0.95,
		lengthM: 0.18,
		widthM: 0.15,
		thicknessM: 0.034,
		packedOn: dayIn(nowMs, 'Europe/Zurich'),
		shelfId: freezer.shelves[0].id
	},
	nowMs
);
const run = await startCooling(
	db,
	{
		dishId: dal,
		name: 'Dal, big pot',
		vessel: 'pot',
		lengthM: 0.24,
		volumeL: 4,
		startC: 90,
		place: 'counter',
		lid: false,
		stirred: false
	},
	nowMs
);
if (run.ok) await addReading(db, { runId: run.id, atMs: nowMs, tempC: 88 });
await core.stop();
await close();
