import type { SQL } from 'drizzle-orm';
import type { Db } from './db.ts';

/** The rows of a statement written by hand; what they hold is the writer's word. */
export async function rawRows<Row>(db: Db, statement: SQL): Promise<Row[]> {
	const { rows } = (await db.execute(statement)) as unknown as { rows: Row[] };
	return rows;
}
