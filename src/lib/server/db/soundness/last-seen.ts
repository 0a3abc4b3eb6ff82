import { existsSync } from 'node:fs';
import { readFile, rm } from 'node:fs/promises';
import { join } from 'node:path';
import { sql } from 'drizzle-orm';
import type { Db } from '../db.ts';
import { rawRows } from '../raw-rows.ts';
import { writeWhole } from '../../whole-file.ts';

/** How far the log of a database had come when it was last looked at: a position never goes back (PostgreSQL 9.28, pg_lsn). */
interface LastSeen {
	database: string;
	position: string;
	atMs: number;
}

const file = (dataDir: string) => join(dataDir, 'last-seen.json');

/** Keeps beside the database how far it has come. */
export async function keepLastSeen(db: Db, dataDir: string, atMs: number): Promise<void> {
	const [seen] = await rawRows<Omit<LastSeen, 'atMs'>>(
		db,
		sql`select system_identifier::text as database, pg_current_wal_flush_lsn()::text as position from pg_control_system()`
	);
	await writeWhole(file(dataDir), JSON.stringify({ ...seen, atMs } satisfies LastSeen));
}

/** Another database takes its place. */
export const forgetLastSeen = (dataDir: string): Promise<void> =>
	rm(file(dataDir), { force: true });

/** When the database had come further than it has now, epoch ms; null where it has not. */
export async function isBehind(db: Db, dataDir: string): Promise<number | null> {
	if (!existsSync(file(dataDir))) return null;
	const seen = JSON.parse(await readFile(file(dataDir), 'utf8')) as LastSeen;
	const [{ behind }] = await rawRows<{ behind: boolean }>(
		db,
		sql`select system_identifier::text = ${seen.database} and pg_current_wal_flush_lsn() < ${seen.position}::pg_lsn as behind
		from pg_control_system()`
	);
	return behind ? seen.atMs : null;
}
