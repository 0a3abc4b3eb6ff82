import { existsSync } from 'node:fs';
import { DataFolderInUse } from '../src/lib/server/db/lock.ts';
import { openDatabase, openOnServer } from '../src/lib/server/db/open.ts';
import { NoSoundCopy, restoreCopy } from '../src/lib/server/copies/restore-copy.ts';
import { withScratch } from '../src/lib/server/db/scratch.ts';
import { reasonOf } from '../src/lib/server/proof.ts';
import { exportAll } from '../src/lib/server/queries/backup.ts';
import { importAll } from '../src/lib/server/writes/backup.ts';

/**
 * `npm run restore -- FILE`: puts a safe copy back into ALMACEN_DATA (default data), or on the server of DATABASE_URL. A copy of a
 * folder becomes the folder's database; otherwise what it holds takes the place of what is there.
 */
const [file] = process.argv.slice(2);
const dataDir = process.env.ALMACEN_DATA || 'data';
const url = process.env.DATABASE_URL;
if (!file || !existsSync(file)) {
	console.error(
		file
			? `There is no file ${file}.`
			: 'Say which copy: npm run restore -- FILE. Copies lie in the data folder, under copies/.'
	);
	process.exit(2);
}

async function intoFolder(): Promise<void> {
	const { setAside, dishes, packs } = await restoreCopy({ dataDir, file, nowMs: Date.now() });
	console.log(`Restored into ${dataDir}: ${dishes} dishes, ${packs} packs.`);
	if (setAside)
		console.log(`What was there is kept as ${dataDir}/${setAside}; delete it when all is well.`);
}

async function whatItHolds(): Promise<void> {
	const backup = await withScratch(file, 'drizzle', (db) => exportAll(db, Date.now())).catch(
		(error) => {
			throw new NoSoundCopy(file, reasonOf(error));
		}
	);
	const opened = url
		? await openOnServer(url, 'drizzle')
		: await openDatabase({ dataDir, migrationsDir: 'drizzle' });
	await importAll(opened.db, backup);
	await opened.close();
	const { dishes, packs } = backup.tables;
	console.log(
		`Restored ${url ? 'on the server' : `into ${dataDir}`}: ${dishes.length} dishes, ${packs.length} packs.`
	);
}

try {
	await (url || file.endsWith('.sql.gz') ? whatItHolds() : intoFolder());
} catch (error) {
	console.error((error as Error).message);
	const code = error instanceof NoSoundCopy ? 4 : error instanceof DataFolderInUse ? 3 : 1;
	process.exit(code);
}
