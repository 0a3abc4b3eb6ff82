import { AsyncLocalStorage } from 'node:async_hooks';
import type { Db } from './db/db.ts';

/** While pages are rendered to see whether they can be: from which database, and what went wrong. */
export interface Proof {
	db: Db;
	failed: string | null;
}

/** Set while a page is asked for within the server itself, to prove a database that is not the household's yet. */
export const proof = new AsyncLocalStorage<Proof>();
