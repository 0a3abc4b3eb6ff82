import { readFile } from 'node:fs/promises';
import { promisify } from 'node:util';
import { gunzip } from 'node:zlib';
import { PGlite } from '@electric-sql/pglite';

const unpacked = promisify<Uint8Array, Buffer>(gunzip);

/** Opens a safe copy, of a folder or of a server, or a prepared dump in memory, as it is. */
export async function openDump(dumpFile: string): Promise<PGlite> {
	const bytes = new Uint8Array(await readFile(dumpFile));
	return dumpFile.endsWith('.sql.gz')
		? fromSql((await unpacked(bytes)).toString('utf8'))
		: PGlite.create({ loadDataDir: new Blob([bytes]) });
}

/** What `pg_dump` wrote; lines for its own terminal program are left out. */
async function fromSql(sql: string): Promise<PGlite> {
	const client = await PGlite.create();
	await client.exec(sql.replaceAll(/^\\(un)?restrict .*$/gm, ''));
	await client.exec('reset all');
	return client;
}
