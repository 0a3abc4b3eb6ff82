import { and, eq, isNull } from 'drizzle-orm';
import type { Db } from '../db/db.ts';
import { leftovers } from '../db/schema/index.ts';

export async function addLeftovers(db: Db, values: typeof leftovers.$inferInsert): Promise<void> {
	await db.insert(leftovers).values(values);
}

/** They are gone this way; null brings them back. False when that was said before. */
export async function endLeftovers(
	db: Db,
	id: number,
	how: { ended: NonNullable<(typeof leftovers.$inferSelect)['ended']>; atMs: number } | null
): Promise<boolean> {
	const rows = await db
		.update(leftovers)
		.set({ ended: how?.ended ?? null, endedAtMs: how?.atMs ?? null })
		.where(how ? and(eq(leftovers.id, id), isNull(leftovers.endedAtMs)) : eq(leftovers.id, id))
		.returning({ id: leftovers.id });
	return rows.length === 1;
}
