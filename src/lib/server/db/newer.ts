import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { sql } from 'drizzle-orm';
import type { Db } from './db.ts';
import { rawRows } from './raw-rows.ts';

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
	const [{ known }] = await rawRows<{ known: boolean }>(
		db,
		sql`select to_regclass('drizzle.__drizzle_migrations') is not null as known`
	);
	if (!known) return;
	const [{ last }] = await rawRows<{ last: number }>(
		db,
		sql`select coalesce(max(created_at), 0)::float8 as last from drizzle.__drizzle_migrations`
	);
	const journal = JSON.parse(
		await readFile(join(migrationsDir, 'meta', '_journal.json'), 'utf8')
	) as { entries: { when: number }[] };
	const newest = Math.max(...journal.entries.map(({ when }) => when));
	if (last > newest) throw new NewerDatabase();
}
