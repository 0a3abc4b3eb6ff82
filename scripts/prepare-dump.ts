import { mkdir, writeFile } from 'node:fs/promises';
import { PGlite } from '@electric-sql/pglite';
import { migrated } from '../src/lib/server/db/open.ts';

/** Writes a dump of an empty, migrated database, from which new data folders start in a second instead of ten. */
const client = await PGlite.create();
await migrated(client, 'drizzle');
const dump = await client.dumpDataDir('gzip');
await mkdir('build/prepared', { recursive: true });
await writeFile('build/prepared/empty.tar.gz', new Uint8Array(await dump.arrayBuffer()));
await client.close();
