import type { PGlite } from '@electric-sql/pglite';
import { bad, good, reasonOf, type Finding } from './finding.ts';

/** Rows by table. */
export type Counts = Readonly<Record<string, number>>;

const words = (table: string) => table.replaceAll('_', ' ');
const quoted = (name: string) => `"${name.replaceAll('"', '""')}"`;

async function namesOf(client: PGlite, query: string): Promise<string[]> {
	return (await client.query<{ name: string }>(query)).rows.map(({ name }) => name);
}
const tablesOf = (client: PGlite) =>
	namesOf(client, `select tablename as name from pg_tables where schemaname = 'public' order by 1`);

/** From here on rows come from the tables themselves, not by way of an index. */
const readTables =
	'set enable_seqscan = on; set enable_indexscan = off; set enable_indexonlyscan = off; set enable_bitmapscan = off';

/** How many rows every table has, read from the tables themselves. */
export async function countsOf(client: PGlite): Promise<Counts> {
	await client.exec(readTables);
	const counts: Record<string, number> = {};
	for (const table of await tablesOf(client)) {
		const answer = await client.query<{ n: number }>(
			`select count(*)::int as n from ${quoted(table)}`
		);
		counts[table] = answer.rows[0].n;
	}
	return counts;
}

/**
 * Reads every row of every table to its last byte (each page has a checksum that PostgreSQL looks at), and compares every table
 * with its indexes: a file that was cut off has fewer rows than its index knows of.
 */
export async function ofTables(client: PGlite): Promise<Finding[]> {
	const found: Finding[] = [];
	for (const table of await tablesOf(client)) {
		const trouble = await ofTable(client, table);
		if (trouble)
			found.push(
				bad(
					`The table of ${words(table)} is damaged: ${trouble}. Put a copy back; keep the folder as it is until that is done.`
				)
			);
	}
	if (found.length === 0) found.push(...(await ofReferences(client)));
	return found.length > 0
		? found
		: [good('Every row of every table can be read, and agrees with its indexes.')];
}

/** Also what big values keep outside the row. */
async function ofTable(client: PGlite, table: string): Promise<string | null> {
	try {
		await client.exec(readTables);
		const { rows } = await client.query<{ n: number; bytes: number }>(
			`select count(*)::int as n, coalesce(sum(length(t::text)), 0)::float8 as bytes from ${quoted(table)} t`
		);
		for (const { index, primary } of await indexesOf(client, table)) {
			if (primary) {
				await client.exec('set enable_seqscan = off; set enable_indexscan = on');
				const byIndex = await client.query<{ n: number }>(
					`select count(*)::int as n from (select * from ${quoted(table)} order by id) t`
				);
				if (byIndex.rows[0].n !== rows[0].n)
					return `it holds ${rows[0].n} rows, its index knows of ${byIndex.rows[0].n}`;
			}
			await client.query(`select bt_index_check('${quoted(index)}'::regclass, true)`);
		}
		const heap = await client.query<{ msg: string }>(
			`select msg from verify_heapam('${quoted(table)}'::regclass) limit 1`
		);
		return heap.rows[0]?.msg ?? null;
	} catch (error) {
		return reasonOf(error);
	}
}

async function indexesOf(client: PGlite, table: string) {
	const { rows } = await client.query<{ index: string; primary: boolean }>(
		`select c.relname as index, i.indisprimary and exists (select 1 from pg_attribute a where a.attrelid = i.indrelid and a.attname = 'id') as primary
		from pg_index i join pg_class c on c.oid = i.indexrelid join pg_am m on m.oid = c.relam
		where i.indrelid = $1::regclass and m.amname = 'btree'`,
		[quoted(table)]
	);
	return rows;
}

/** Rows that point at a row which is not there. */
async function ofReferences(client: PGlite): Promise<Finding[]> {
	const { rows } = await client.query<{
		child: string;
		parent: string;
		column: string;
		key: string;
	}>(
		`select c.conrelid::regclass::text as child, c.confrelid::regclass::text as parent, a.attname as column, b.attname as key
		from pg_constraint c
		join pg_attribute a on a.attrelid = c.conrelid and a.attnum = c.conkey[1]
		join pg_attribute b on b.attrelid = c.confrelid and b.attnum = c.confkey[1]
		where c.contype = 'f' and cardinality(c.conkey) = 1`
	);
	const found: Finding[] = [];
	for (const { child, parent, column, key } of rows) {
		const { rows: lost } = await client.query<{ n: number }>(
			`select count(*)::int as n from ${child} c where c.${quoted(column)} is not null
			and not exists (select 1 from ${parent} p where p.${quoted(key)} = c.${quoted(column)})`
		);
		if (lost[0].n > 0)
			found.push(
				bad(
					`${lost[0].n} rows of ${words(child)} belong to ${words(parent)} that are gone. Put a copy back.`
				)
			);
	}
	return found;
}

/** Tables that hardly ever lose rows: what is taken out of them is kept and marked. */
const lasting = [
	'household',
	'freezers',
	'shelves',
	'dishes',
	'ingredient_lines',
	'cooling_runs',
	'packings',
	'packs',
	'pack_events',
	'cooks'
];
/** Undoing takes back what was just written; more than this part of a table never goes that way. */
const keptAtLeast01 = 0.8;

/** Where the database holds far less than the copy made of it, it has lost something. */
export function againstCopy(now: Counts, copy: Counts, copyName: string): Finding[] {
	const lost = lasting.filter(
		(table) => (copy[table] ?? 0) > 0 && (now[table] ?? 0) < keptAtLeast01 * copy[table]
	);
	if (lost.length === 0) return [good(`Nothing of the copy ${copyName} has gone missing since.`)];
	return lost.map((table) =>
		bad(
			`The copy ${copyName} holds ${copy[table]} ${words(table)}, the database ${now[table] ?? 0}. ` +
				'If nobody took them out, put that copy back.'
		)
	);
}
