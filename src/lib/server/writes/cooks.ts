import { eq } from 'drizzle-orm';
import type { Db } from '../db/db.ts';
import { cooks } from '../db/schema/index.ts';

export async function addCook(db: Db, values: typeof cooks.$inferInsert): Promise<number> {
	const [row] = await db.insert(cooks).values(values).returning({ id: cooks.id });
	return row.id;
}

export async function removeCook(db: Db, id: number): Promise<void> {
	await db.delete(cooks).where(eq(cooks.id, id));
}
