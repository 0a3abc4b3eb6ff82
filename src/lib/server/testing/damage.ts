import { readdirSync } from 'node:fs';
import { chmod, open, readdir, rename, rm, stat, truncate, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import type { PGlite } from '@electric-sql/pglite';

/** Where the files of a database are that are to be damaged, found while it was open. */
export interface Marks {
	/** files of tables and indexes, relative to the database's folder */
	packs: string;
	packsIndex: string;
	dishes: string;
}

export interface Damage {
	name: string;
	/** how it may be said; null: nothing is lost, and the folder is well */
	says: RegExp | null;
	/** told without opening the database */
	outside?: true;
	apply(dataDir: string, marks: Marks): Promise<unknown>;
}

export async function marksOf(client: PGlite): Promise<Marks> {
	const path = async (name: string) =>
		(await client.query<{ p: string }>('select pg_relation_filepath($1::regclass) as p', [name]))
			.rows[0].p;
	return {
		packs: await path('packs'),
		packsIndex: await path('packs_pkey'),
		dishes: await path('dishes')
	};
}

/** Writes over some bytes of a file. */
async function scribble(path: string, at: number, bytes = 64): Promise<void> {
	const file = await open(path, 'r+');
	try {
		await file.write(Buffer.alloc(bytes, 0xa5), 0, bytes, at);
	} finally {
		await file.close();
	}
}
const pg = (dataDir: string, ...rest: string[]) => join(dataDir, 'pg', ...rest);
const gone = (...path: string[]) => rm(join(...path), { recursive: true, force: true });
const newestCopy = (dataDir: string) =>
	join(dataDir, 'copies', readdirSync(join(dataDir, 'copies')).sort().at(-1)!);

/** What can happen to the files of a data folder. */
export const damages: readonly Damage[] = [
	{ name: 'no pg folder', says: /no database in it/, outside: true, apply: (d) => gone(pg(d)) },
	{
		name: 'an empty pg folder',
		says: /no database in it/,
		outside: true,
		apply: async (d) => {
			for (const name of await readdir(pg(d))) await gone(pg(d), name);
		}
	},
	...['PG_VERSION', 'global/pg_control', 'global/pg_filenode.map', 'base', 'pg_wal', 'pg_xact'].map(
		(name): Damage => ({
			name: `${name} missing`,
			says: new RegExp(`pg/${name} is missing`),
			outside: true,
			apply: (d) => gone(pg(d, name))
		})
	),
	{
		name: 'pg_control cut off',
		says: /pg_control is cut off/,
		outside: true,
		apply: (d) => truncate(pg(d, 'global/pg_control'), 100)
	},
	{
		name: 'no log segments',
		says: /pg_wal is empty/,
		outside: true,
		apply: async (d) => {
			for (const name of await readdir(pg(d, 'pg_wal'))) await gone(pg(d, 'pg_wal'), name);
		}
	},
	{
		name: 'database of another version',
		says: /PG_VERSION says "12"/,
		outside: true,
		apply: (d) => writeFile(pg(d, 'PG_VERSION'), '12\n')
	},
	{
		name: 'others can read the folder',
		says: /chmod 700/,
		apply: (d) => chmod(d, 0o755)
	},
	{
		name: 'a restore cut short',
		says: /restore was cut short/,
		outside: true,
		apply: (d) => rename(pg(d), join(d, 'pg.restoring'))
	},
	{
		name: 'pg_control overwritten',
		says: /does not open/,
		apply: (d) => scribble(pg(d, 'global/pg_control'), 0, 8192)
	},
	{
		name: 'log overwritten',
		says: /does not open/,
		apply: async (d) => {
			for (const name of await readdir(pg(d, 'pg_wal')))
				if ((await stat(pg(d, 'pg_wal', name))).isFile())
					await writeFile(pg(d, 'pg_wal', name), Buffer.alloc(1 << 24, 0xa5));
		}
	},
	{
		name: 'a page of packs overwritten',
		says: /invalid page/,
		apply: (d, m) => scribble(pg(d, m.packs), 4096)
	},
	{
		name: 'one byte of dishes changed',
		says: /invalid page/,
		apply: (d, m) => scribble(pg(d, m.dishes), 8000, 1)
	},
	{
		name: 'packs cut off',
		says: /table of packs is damaged/,
		apply: (d, m) => truncate(pg(d, m.packs), 0)
	},
	{
		name: 'packs cut off within a page',
		says: /table of packs is damaged/,
		apply: (d, m) => truncate(pg(d, m.packs), 5000)
	},
	{ name: 'packs missing', says: /could not open file/, apply: (d, m) => gone(pg(d, m.packs)) },
	{
		name: 'index of packs cut off',
		says: /table of packs is damaged/,
		apply: (d, m) => truncate(pg(d, m.packsIndex), 8192)
	},
	{
		name: 'index of packs overwritten',
		says: /table of packs is damaged/,
		apply: (d, m) => scribble(pg(d, m.packsIndex), 8192 + 4000)
	},
	{
		name: 'dishes cut off',
		says: /table of dishes is damaged/,
		apply: (d, m) => truncate(pg(d, m.dishes), 0)
	},
	{
		name: 'newest copy cut off',
		says: /copies\/.* is damaged/,
		apply: async (d) => truncate(newestCopy(d), 1000)
	},
	{
		name: 'newest copy changed',
		says: /copies\/.* is damaged/,
		apply: async (d) => scribble(newestCopy(d), 100_000)
	},
	{ name: 'no copies', says: /no safe copy yet/, apply: (d) => gone(d, 'copies') },
	{
		name: 'process file left by a cut',
		says: null,
		apply: (d) => writeFile(pg(d, 'postmaster.pid'), '')
	}
];
