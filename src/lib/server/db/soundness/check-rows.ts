import { sql } from 'drizzle-orm';
import { reasonOf } from '../../proof.ts';
import type { Db } from '../db.ts';
import { rawRows } from '../raw-rows.ts';
import { countedTables, countsTable, isCountedYet, type Counts } from './row-counts.ts';

/** What a table turned out to be that cannot be relied on. */
export interface Unsound {
	table: string;
	/** what the database says when it reads it; else there are so many rows of those there should be */
	why: { error: string } | { found: number; expected: number };
}

export interface Checked {
	counts: Counts;
	unsound: Unsound[];
}

/** Short enough for a sentence. */
const wordOf = (error: unknown): string => reasonOf(error).split('\n')[0].slice(0, 200);

/**
 * Reads every row of every table to its last byte (each page has a checksum that the database looks at), also what big values keep
 * outside the row, and compares how many there are with what the deeds so far say. Nothing is changed.
 */
export async function checkRows(db: Db): Promise<Checked> {
	const counts: Record<string, number> = {};
	const unsound: Unsound[] = [];
	const tables = await countedTables(db);
	const isCounted = await countsAreThere(db, tables, unsound);
	for (const table of tables) {
		try {
			// in one statement, which sees one moment, whatever others write
			const [{ n, expected }] = await rawRows<{ n: number; expected: number | null }>(
				db,
				sql`select count(*)::float8 as n, sum(octet_length(t::text)),
				${isCounted ? sql`(select c.n::float8 from ${sql.identifier(countsTable)} c where c.name = ${table})` : sql`null`} as expected
				from ${sql.identifier(table)} t`
			);
			counts[table] = n;
			if (expected !== null && expected !== n) unsound.push({ table, why: { found: n, expected } });
		} catch (error) {
			unsound.push({ table, why: { error: wordOf(error) } });
		}
	}
	return { counts, unsound };
}

/** Whether rows are counted here; a table of counts that was emptied or cannot be read is itself unsound. */
async function countsAreThere(
	db: Db,
	tables: readonly string[],
	unsound: Unsound[]
): Promise<boolean> {
	if (!(await isCountedYet(db))) return false;
	try {
		const [{ n }] = await rawRows<{ n: number }>(
			db,
			sql`select count(*)::float8 as n from ${sql.identifier(countsTable)}`
		);
		if (n === 0 && tables.length > 0)
			unsound.push({ table: countsTable, why: { found: 0, expected: tables.length } });
		return true;
	} catch (error) {
		unsound.push({ table: countsTable, why: { error: wordOf(error) } });
		return false;
	}
}
