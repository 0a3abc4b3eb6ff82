import { sql } from 'drizzle-orm';
import type { Db } from '../db/db.ts';

/** Asks for nothing; throws where the database does not answer. */
export const ping = (db: Db): Promise<unknown> => Promise.resolve(db.execute(sql`select 1`));
