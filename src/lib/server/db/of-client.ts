import type { PGlite } from '@electric-sql/pglite';
import { drizzle } from 'drizzle-orm/pglite';
import type { Db } from './db.ts';

/** The embedded database as it is, to be asked by statements written by hand. */
export const ofClient = (client: PGlite): Db => drizzle(client) as unknown as Db;
