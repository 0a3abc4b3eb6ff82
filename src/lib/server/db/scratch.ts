import type { Db } from './db.ts';
import { migrated } from './open.ts';
import { openDump } from './open-dump.ts';

/** A database in memory, made from a safe copy or a prepared dump and brought up to date, for as long as `use` takes. */
export async function withScratch<T>(
	dumpFile: string,
	migrationsDir: string,
	use: (db: Db) => Promise<T>
): Promise<T> {
	const client = await openDump(dumpFile);
	try {
		return await use(await migrated(client, migrationsDir));
	} finally {
		await client.close();
	}
}
