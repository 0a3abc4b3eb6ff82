import { readFile } from 'node:fs/promises';
import { promisify } from 'node:util';
import { gunzip } from 'node:zlib';
import { PGlite } from '@electric-sql/pglite';
import type { Db } from './db.ts';
import { migrated } from './open.ts';

const unpacked = promisify<Uint8Array, Buffer>(gunzip);

/** Opens a safe copy, of a folder or of a server, or a prepared dump in memory, as it is. */
export async function openDump(dumpFile: string): Promise<PGlite> {
	const bytes = new Uint8Array(await readFile(dumpFile));
	return dumpFile.endsWith('.sql.gz')
		? fromSql((await unpacked(bytes)).toString('utf8'))
		: PGlite.create({ loadDataDir: new Blob([bytes]) });
}

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

/** What `pg_dump` wrote; lines for its own terminal program are left out. */
async function fromSql(sql: string): Promise<PGlite> {
	const client = await PGlite.create();
	await client.exec(sql.replaceAll(/^\\(un)?restrict .*$/gm, ''));
	await client.exec('reset all');
	return client;
}
