import { sql } from 'drizzle-orm';
import type { Db } from '../db.ts';
import { rawRows } from '../raw-rows.ts';

/** Rows by table. */
export type Counts = Readonly<Record<string, number>>;

/** Holds how many rows each table has, moved by the same transactions that move the rows. */
export const countsTable = 'row_counts';
const quoted = (name: string) => sql.identifier(name);

/** Every table that outlives a crash, but the counts themselves. */
export const countedTables = async (db: Db): Promise<string[]> =>
	(
		await rawRows<{ name: string }>(
			db,
			sql`select c.relname as name from pg_class c join pg_namespace n on n.oid = c.relnamespace
			where n.nspname = 'public' and c.relkind = 'r' and c.relpersistence = 'p' and c.relname <> ${countsTable} order by 1`
		)
	).map(({ name }) => name);

/** Whether rows are counted in this database. */
export const isCountedYet = async (db: Db): Promise<boolean> =>
	(
		await rawRows<{ known: boolean }>(
			db,
			sql`select to_regclass(${`public.${countsTable}`}) is not null as known`
		)
	)[0].known;

/** Statement by statement: what was put in, what was taken out, and a table that was emptied whole. */
const countRows =
	sql.raw(`create or replace function count_rows() returns trigger language plpgsql as $$
begin
	if tg_op = 'INSERT' then
		update ${countsTable} set n = n + (select count(*) from moved) where name = tg_table_name;
	elsif tg_op = 'DELETE' then
		update ${countsTable} set n = n - (select count(*) from moved) where name = tg_table_name;
	else
		update ${countsTable} set n = 0 where name = tg_table_name;
	end if;
	return null;
end $$`);

/** Name of each, the deed it comes after, and how the rows it moved are called. */
const triggers = [
	['counted_in', 'insert', 'referencing new table as moved'],
	['counted_out', 'delete', 'referencing old table as moved'],
	['counted_emptied', 'truncate', '']
] as const;

/**
 * Sees to it that the rows of every table are counted by whatever moves them, from now on. A table that is new here is counted once;
 * with `anew` all are, as they are now (what was lost is accepted).
 */
export async function ensureCounted(db: Db, { anew = false } = {}): Promise<void> {
	await db.transaction(async (tx) => {
		const on = tx as unknown as Db;
		await on.execute(
			sql.raw(
				`create table if not exists ${countsTable} (name text primary key, n bigint not null)`
			)
		);
		const counted = await rawRows<{ name: string }>(
			on,
			sql`select name from ${quoted(countsTable)}`
		);
		const known = new Set(anew ? [] : counted.map(({ name }) => name));
		const fresh = (await countedTables(on)).filter((table) => !known.has(table));
		if (fresh.length > 0) await on.execute(countRows);
		for (const table of fresh) {
			await on.execute(
				sql`insert into ${quoted(countsTable)} (name, n) select ${table}, count(*) from ${quoted(table)}
				on conflict (name) do update set n = excluded.n`
			);
			for (const [name, deed, moved] of triggers)
				await on.execute(
					sql`create or replace trigger ${quoted(name)} after ${sql.raw(deed)} on ${quoted(table)} ${sql.raw(moved)}
					for each statement execute function count_rows()`
				);
		}
	});
}
