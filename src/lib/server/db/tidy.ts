import { join } from 'node:path';
import type { PGlite } from '@electric-sql/pglite';
import { changeKept } from '../kept-file.ts';
import { nowMs } from '../now.ts';
import { repeatedly } from '../repeatedly.ts';

const minMs = 60_000;
const dayMs = 86_400_000;
/** The first look comes when a start is over. */
const [firstMs, everyMs] = [5 * minMs, 60 * minMs];

/**
 * Gives the room of rows that are gone back and counts what the planner goes by (PostgreSQL 24.1): a server does so by itself,
 * the embedded database has nobody who does. Table by table, so that others come in between.
 */
export async function tidyTables(client: PGlite): Promise<void> {
	const { rows } = await client.query<{ name: string }>(
		`select quote_ident(tablename) as name from pg_tables where schemaname = 'public' order by 1`
	);
	for (const { name } of rows) await client.exec(`vacuum (analyze) ${name}`);
}

/** Tidies once a day; returns what stops it. */
export function tidyDaily(tidy: () => Promise<void>, dataDir: string): () => void {
	const look = () =>
		changeKept<{ atMs: number }, void>(join(dataDir, 'tidied.json'), async (done) => {
			const isDue = nowMs() - (done?.atMs ?? 0) >= dayMs;
			if (isDue) await tidy();
			return { content: isDue ? { atMs: nowMs() } : null, answer: undefined };
		});
	return repeatedly(look, { firstMs, everyMs, failed: 'the database was not tidied' });
}
