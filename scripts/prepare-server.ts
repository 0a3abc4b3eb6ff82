import pg from 'pg';
import { openServer } from '../src/lib/server/db/server.ts';

/** Makes the database DATABASE_URL names, where the server has none of that name, and brings it up to date. */
const address = new URL(process.env.DATABASE_URL ?? '');
const name = decodeURIComponent(address.pathname.slice(1));
const admin = new URL(address);
admin.pathname = 'postgres';
const client = new pg.Client({ connectionString: admin.href });
await client.connect();
const { rowCount } = await client.query('select 1 from pg_database where datname = $1', [name]);
if (!rowCount) await client.query(`create database ${pg.escapeIdentifier(name)}`);
await client.end();
await (await openServer(address.href, 'drizzle')).close();
