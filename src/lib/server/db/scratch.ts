import { readFile } from 'node:fs/promises';
import { PGlite } from '@electric-sql/pglite';
import type { Db } from './db.ts';
import { migrated } from './open.ts';

/** A database in memory, made from a dump and brought up to date, for as long as `use` takes. */
export async function withScratch<T>(
	dumpFile: string,
	migrationsDir: string,
	use: (db: Db) => Promise<T>
): Promise<T> {
	const loadDataDir = new Blob([new Uint8Array(await readFile(dumpFile))]);
	const client = await PGlite.create({ loadDataDir });
	try {
		return await use(await migrated(client, migrationsDir));
	} finally {
		await client.close();
	}
}
