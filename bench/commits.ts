import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { PGlite } from '@electric-sql/pglite';
import { openDurable } from '../src/lib/server/db/durable-fs.ts';
import { line, ms } from './timing.ts';

const writes = 300;

async function perWrite(client: PGlite): Promise<number> {
	await client.exec('create table bench_writes (n int primary key, said text)');
	const from = performance.now();
	for (let n = 0; n < writes; n++)
		await client.query('insert into bench_writes values ($1, $2)', [n, 'x'.repeat(300)]);
	const took = (performance.now() - from) / writes;
	await client.close();
	return took;
}

/** A commit that is on the disk before it is answered, against one that a power cut would lose. */
export async function benchCommits(): Promise<void> {
	const dir = mkdtempSync(join(tmpdir(), 'almacen-bench-'));
	const cached = await perWrite(await PGlite.create(join(dir, 'cached')));
	const durable = await perWrite(await openDurable(join(dir, 'durable')));
	line(
		'a commit on the disk, against in the cache',
		ms(durable),
		`${(durable / cached).toFixed(2)} ×`
	);
	rmSync(dir, { recursive: true });
}
