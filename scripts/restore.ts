import { existsSync } from 'node:fs';
import { DataFolderInUse } from '../src/lib/server/db/lock.ts';
import { NoSoundCopy, restoreCopy } from '../src/lib/server/copies/restore-copy.ts';

/** `npm run restore -- FILE`: puts a safe copy back into ALMACEN_DATA (default data). */
const [file] = process.argv.slice(2);
const dataDir = process.env.ALMACEN_DATA || 'data';
if (!file || !existsSync(file)) {
	console.error(
		file
			? `There is no file ${file}.`
			: 'Say which copy: npm run restore -- FILE. Copies lie in the data folder, under copies/.'
	);
	process.exit(2);
}
try {
	const { setAside, dishes, packs } = await restoreCopy({ dataDir, file, nowMs: Date.now() });
	console.log(`Restored into ${dataDir}: ${dishes} dishes, ${packs} packs.`);
	if (setAside)
		console.log(`What was there is kept as ${dataDir}/${setAside}; delete it when all is well.`);
} catch (error) {
	if (!(error instanceof DataFolderInUse || error instanceof NoSoundCopy)) throw error;
	console.error(error.message);
	process.exit(error instanceof NoSoundCopy ? 4 : 3);
}
