import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { sql } from 'drizzle-orm';
import type { Db } from './db.ts';

/** A later release has brought the tables up to its own date: this one does not know them. */
export class NewerDatabase extends Error {
	constructor() {
		super(
			'The database was opened by a newer release of Almacen, and this one does not know its tables. Nothing was changed. ' +
				'Start that release, or put back the copy made before the update (npm run restore -- COPY).'
		);
		this.name = 'NewerDatabase';
	}
}

/** Throws `NewerDatabase` where a migration was applied that is later than the last one here. */
export async function refuseNewer(db: Db, migrationsDir: string): Promise<void> {
	const there = (await db.execute(
		sql`select to_regclass('drizzle.__drizzle_migrations') is not null as known`
	)) as unknown as { rows: { known: boolean }[] };
	if (!there.rows[0].known) return;
	const applied = (await db.execute(
		sql`select coalesce(max(created_at), 0)::float8 as last from drizzle.__drizzle_migrations`
	)) as unknown as { rows: { last: number }[] };
	const journal = JSON.parse(
		await readFile(join(migrationsDir, 'meta', '_journal.json'), 'utf8')
	) as { entries: { when: number }[] };
	const newest = Math.max(...journal.entries.map(({ when }) => when));
	if (applied.rows[0].last > newest) throw new NewerDatabase();
}
