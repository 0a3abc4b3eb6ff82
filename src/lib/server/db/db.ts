import type { PgDatabase, PgQueryResultHKT } from 'drizzle-orm/pg-core';
import type * as schema from './schema/index.ts';

/** The database or a transaction in it: repos take either. */
export type Db = PgDatabase<PgQueryResultHKT, typeof schema>;
