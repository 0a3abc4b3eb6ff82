import { openDatabase, openOnServer, type Opened } from '../src/lib/server/db/open.ts';
import { exportAll } from '../src/lib/server/queries/backup.ts';
import { importAll } from '../src/lib/server/writes/backup.ts';

/**
 * `npm run move -- to-server` puts the household of the data folder (ALMACEN_DATA) on the PostgreSQL server of DATABASE_URL,
 * `npm run move -- to-folder` puts it back. Where there is something already it refuses, unless told `--replace`.
 */
const [, , direction, ...rest] = process.argv;
const url = process.env.DATABASE_URL;
if (!url || (direction !== 'to-server' && direction !== 'to-folder')) {
	console.error(
		'Say which way: DATABASE_URL=postgres://… npm run move -- to-server (or to-folder).'
	);
	process.exit(2);
}

async function move(from: Opened, to: Opened): Promise<number> {
	const backup = await exportAll(from.db, Date.now());
	const there = (await exportAll(to.db, Date.now())).tables;
	if (there.dishes.length + there.packs.length > 0 && !rest.includes('--replace')) {
		console.error(
			`There are ${there.dishes.length} dishes and ${there.packs.length} packs already. To replace them: add --replace.`
		);
		return 4;
	}
	await importAll(to.db, backup);
	const moved = (await exportAll(to.db, backup.exportedAtMs)).tables;
	if (JSON.stringify(moved) !== JSON.stringify(backup.tables))
		throw new Error('What arrived is not what was sent; what was there stays where it was.');
	console.log(
		`Moved: ${moved.dishes.length} dishes, ${moved.packs.length} packs. What was moved stays where it was, too.`
	);
	return 0;
}

const folder = () =>
	openDatabase({
		dataDir: process.env.ALMACEN_DATA || 'data',
		migrationsDir: 'drizzle',
		preparedDump: 'build/prepared/empty.tar.gz'
	});
let opened: Opened[] = [];
let code = 1;
try {
	opened = [await folder(), await openOnServer(url, 'drizzle')];
	code = await (direction === 'to-server'
		? move(opened[0], opened[1])
		: move(opened[1], opened[0]));
} catch (error) {
	console.error((error as Error).message);
} finally {
	for (const each of opened) await each.close();
}
process.exit(code);
