import { ensureHousehold } from './household.ts';
import { getTableName, sql } from 'drizzle-orm';
import type { Backup } from '../../formats/backup.ts';
import type { Db } from '../db/db.ts';
import { forgetMenu } from '../queries/menu-index.ts';
import { household, undoEntries } from '../db/schema/index.ts';
import { inOrder, names } from '../queries/backup.ts';

/** Rows written at once, under PostgreSQL's limit of parameters. */
const chunk = 500;

/** Replaces everything by what a file holds, all or nothing. Pack numbers never go back, so that no code comes twice. */
export async function importAll(db: Db, backup: Backup): Promise<void> {
	await db.transaction(async (tx) => {
		forgetMenu();
		await tx.delete(undoEntries);
		for (const name of [...names].reverse()) await tx.delete(inOrder[name]);
		for (const name of names) {
			const rows = backup.tables[name] as never[];
			for (let from = 0; from < rows.length; from += chunk)
				await tx
					.insert(inOrder[name])
					.overridingSystemValue()
					.values(rows.slice(from, from + chunk));
		}
		await ensureHousehold(tx);
		for (const table of Object.values(inOrder))
			if (table !== household)
				await tx.execute(
					sql`select setval(pg_get_serial_sequence(${getTableName(table)}, 'id'), (select coalesce(max(id), 0) + 1 from ${table}), false)`
				);
		await tx.execute(
			sql`select setval('pack_serial', greatest((select last_value from pack_serial), ${Math.max(1, backup.lastSerial)}))`
		);
	});
}
