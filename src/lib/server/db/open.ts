import { existsSync } from 'node:fs';
import { chmod, mkdir, readFile, readdir } from 'node:fs/promises';
import { join, resolve } from 'node:path';
import { PGlite } from '@electric-sql/pglite';
import type { PgDatabase, PgQueryResultHKT } from 'drizzle-orm/pg-core';
import { drizzle } from 'drizzle-orm/pglite';
import { migrate } from 'drizzle-orm/pglite/migrator';
import { lockDataFolder } from './lock.ts';
import * as schema from './schema/index.ts';

/** The database or a transaction in it: repos take either. */
export type Db = PgDatabase<PgQueryResultHKT, typeof schema>;

export interface Opened {
	readonly db: Db;
	readonly client: PGlite;
	close(): Promise<void>;
}

export interface OpenOptions {
	/** the data folder; made when it is not there, readable by its owner only */
	dataDir: string;
	migrationsDir: string;
	/** a dump of an empty, migrated database that new folders start from; without it the first start takes seconds longer */
	preparedDump?: string;
}

/** Locks, opens and migrates a data folder. Throws `DataFolderInUse` when another process has it. */
export async function openDatabase(options: OpenOptions): Promise<Opened> {
	const dir = resolve(options.dataDir);
	await mkdir(dir, { recursive: true, mode: 0o700 });
	await chmod(dir, 0o700);
	const lock = await lockDataFolder(dir);
	try {
		const pgDir = join(dir, 'pg');
		const fresh = !existsSync(pgDir) || (await readdir(pgDir)).length === 0;
		const dump =
			fresh && options.preparedDump && existsSync(options.preparedDump)
				? new Blob([new Uint8Array(await readFile(options.preparedDump))])
				: undefined;
		const client = await PGlite.create({
			dataDir: pgDir,
			relaxedDurability: false,
			loadDataDir: dump
		});
		const db = await migrated(client, options.migrationsDir);
		return {
			db,
			client,
			close: async () => {
				await client.close();
				await lock.release();
			}
		};
	} catch (error) {
		await lock.release();
		throw error;
	}
}

/** Applies the generated migrations and gives the typed database. */
export async function migrated(client: PGlite, migrationsDir: string): Promise<Db> {
	const db = drizzle(client, { schema, casing: 'snake_case' });
	await migrate(db, { migrationsFolder: migrationsDir });
	return db as unknown as Db;
}
