import { and, eq, sql } from 'drizzle-orm';
import type { Db } from '../db/db.ts';
import { cookSheets } from '../db/schema/index.ts';

export async function addCookSheet(
	db: Db,
	values: typeof cookSheets.$inferInsert
): Promise<number> {
	const [row] = await db.insert(cookSheets).values(values).returning({ id: cookSheets.id });
	return row.id;
}

/** Changes a sheet that is still as it was when it was read; false when somebody else was quicker. */
export async function changeCookSheet(
	db: Db,
	{ id, version }: { id: number; version: number },
	values: Partial<typeof cookSheets.$inferInsert>
): Promise<boolean> {
	const changed = await db
		.update(cookSheets)
		.set({ ...values, version: sql`${cookSheets.version} + 1` })
		.where(and(eq(cookSheets.id, id), eq(cookSheets.version, version)))
		.returning({ id: cookSheets.id });
	return changed.length === 1;
}
