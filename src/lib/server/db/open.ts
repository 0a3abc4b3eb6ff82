import { existsSync, readdirSync, statSync } from 'node:fs';
import { chmod, mkdir, readFile, rm, writeFile } from 'node:fs/promises';
import { join, resolve } from 'node:path';
import type { PGlite } from '@electric-sql/pglite';
import type { Db } from './db.ts';
import { drizzle } from 'drizzle-orm/pglite';
import { migrate } from 'drizzle-orm/pglite/migrator';
import { syncPath, syncTree } from '../sync-tree.ts';
import { ensureHousehold } from '../writes/household.ts';
import { copiesDir, sweepParts, type Copied } from '../copies/copy-folder.ts';
import { archiveFolder } from '../copies/archive-folder.ts';
import { dumpServer } from '../copies/dump-server.ts';
import {
	ensureCounted,
	keepLastSeen,
	mendIndexes,
	mustBeSound,
	soundAtStart
} from './soundness/index.ts';
import { refuseNewer } from './newer.ts';
import { ofClient } from './of-client.ts';
import { openServer } from './server.ts';
import { setTogether } from './together.ts';
import { openDurable } from './durable-fs.ts';
import { lockDataFolder } from './lock.ts';
import { tidyTables } from './tidy.ts';
import * as schema from './schema/index.ts';

export interface Opened extends Copied {
	readonly db: Db;
	/** room of what is gone, and what the planner goes by; a server sees to that itself and has none */
	tidy?(): Promise<void>;
	close(): Promise<void>;
}

export interface OpenedFolder extends Opened {
	readonly client: PGlite;
}

export interface OpenOptions {
	/** the data folder; made when it is not there, readable by its owner only */
	dataDir: string;
	migrationsDir: string;
	/** a dump of an empty, migrated database that new folders start from; without it the first start takes seconds longer */
	preparedDump?: string;
}

/** Lies in the data folder while its database is made for the first time. */
const makingMark = 'pg.making';

/** The folder held a household's data once, and its database is gone: starting empty would hide that. */
export class DatabaseMissing extends Error {
	constructor(dir: string, found: string) {
		super(
			`There is no database in ${dir}, but ${found} says that there was one. Nothing was changed. ` +
				`Put a copy back (npm run restore -- ${join(dir, 'copies')}/NAME), or start with another folder (ALMACEN_DATA).`
		);
		this.name = 'DatabaseMissing';
	}
}

/** The folder cannot be written to: read-only, full, or somebody else's. */
export class FolderUnwritable extends Error {
	constructor(dir: string, why: string) {
		super(
			`The data folder ${dir} cannot be written to: ${why}. Nothing was changed. ` +
				'Give it to the user this runs as (chown), make room, or name another folder (ALMACEN_DATA).'
		);
		this.name = 'FolderUnwritable';
	}
}

/** The database is there, and PostgreSQL cannot open it. */
export class DatabaseDamaged extends Error {
	constructor(dir: string, cause: unknown) {
		super(
			`The database in ${dir} does not open: something in it is damaged. Nothing was changed. ` +
				'Ask what it is and what to do: npm run doctor',
			{ cause }
		);
		this.name = 'DatabaseDamaged';
	}
}
const unwritable: Readonly<Record<string, string>> = {
	EROFS: 'it is on a disk that can only be read',
	EACCES: 'it belongs to somebody else',
	EPERM: 'it belongs to somebody else',
	ENOSPC: 'the disk is full',
	EDQUOT: 'the disk is full',
	ENOTDIR: 'something on its way is no folder',
	EEXIST: 'there is a file in its place'
};

/** Does something with the folder; what stands in its way is said in a sentence. */
async function writing<T>(dir: string, what: () => Promise<T>): Promise<T> {
	try {
		return await what();
	} catch (error) {
		const why = unwritable[(error as NodeJS.ErrnoException).code ?? ''];
		throw why ? new FolderUnwritable(dir, why) : error;
	}
}

/**
 * Locks, opens and migrates a data folder. Throws `DataFolderInUse` when another process has it, `DatabaseMissing` when its
 * database is gone, `DatabaseDamaged` when it does not open, `FolderUnwritable` when it cannot be written to.
 */
export async function openDatabase(options: OpenOptions): Promise<OpenedFolder> {
	const dir = resolve(options.dataDir);
	await writing(dir, async () => {
		await mkdir(dir, { recursive: true, mode: 0o700 });
		await chmod(dir, 0o700);
		const trial = join(dir, 'trial.part');
		await writeFile(trial, '');
		await rm(trial);
	});
	const lock = await lockDataFolder(dir);
	try {
		// only now: what another server is writing is not swept away under it
		await sweepParts(copiesDir(dir));
		const pgDir = join(dir, 'pg');
		const client = isFresh(dir, pgDir)
			? await makeDatabase(dir, pgDir, options.preparedDump)
			: await openExisting(dir, pgDir);
		const where = `in ${dir}`;
		try {
			// a damaged index keeps its table from being read at all, and holds nothing that the table does not
			await mendIndexes(client);
			await soundAtStart(ofClient(client), where, dir);
		} catch (error) {
			await client.close();
			throw error;
		}
		const db = await migrated(client, options.migrationsDir);
		await keepLastSeen(db, dir, Date.now());
		return {
			db,
			client,
			sound: async () => {
				await mendIndexes(client);
				await mustBeSound(db, where);
				await keepLastSeen(db, dir, Date.now());
			},
			dump: {
				kind: 'tar',
				into: (file) => archiveFolder(pgDir, file, (read) => client.runExclusive(read))
			},
			tidy: () => tidyTables(client),
			close: async () => {
				await keepLastSeen(db, dir, Date.now());
				await client.close();
				await lock.release();
			}
		};
	} catch (error) {
		await lock.release();
		throw error;
	}
}

/** Opens the database of a PostgreSQL server (DATABASE_URL); its processes tell each other of changes. Throws `ServerUnreachable`. */
export async function openOnServer(url: string, migrationsDir: string): Promise<Opened> {
	const { db, together, close } = await openServer(url, migrationsDir);
	setTogether(together);
	const sound = async () => void (await mustBeSound(db, 'on the server'));
	return { db, close, sound, dump: { kind: 'sql', into: (file) => dumpServer(url, file) } };
}

/** Whether a database is to be made. Throws `DatabaseMissing` where something says that there was one. */
function isFresh(dir: string, pgDir: string): boolean {
	if (existsSync(join(dir, makingMark))) return true;
	if (existsSync(join(pgDir, 'PG_VERSION'))) return false;
	if (existsSync(pgDir) && readdirSync(pgDir).length > 0)
		throw new DatabaseMissing(dir, 'the folder pg, which is not empty,');
	const names = readdirSync(dir);
	const aside = names.find((name) => name.startsWith('pg.before-'));
	if (aside) throw new DatabaseMissing(dir, `the folder ${aside}`);
	if (names.includes('copies') && readdirSync(join(dir, 'copies')).length > 0)
		throw new DatabaseMissing(dir, 'the folder copies');
	return true;
}

/**
 * Makes the database. Until it is on the disk a mark lies beside it: a start that was cut on the way is begun again, and only
 * then is what lies there thrown away.
 */
async function makeDatabase(dir: string, pgDir: string, dump?: string): Promise<PGlite> {
	const mark = join(dir, makingMark);
	await writeFile(mark, '');
	await syncPath(dir);
	await rm(pgDir, { recursive: true, force: true });
	const loadDataDir =
		dump && existsSync(dump) ? new Blob([new Uint8Array(await readFile(dump))]) : undefined;
	const client = await openDurable(pgDir, { loadDataDir });
	await syncTree(pgDir);
	await rm(mark);
	await syncPath(dir);
	await syncPath(join(dir, '..'));
	return client;
}

/** A cut within seconds of a start leaves its process file empty, and nothing starts on that; the lock says that nobody else is here. */
async function openExisting(dir: string, pgDir: string): Promise<PGlite> {
	const pid = join(pgDir, 'postmaster.pid');
	if (existsSync(pid) && statSync(pid).size === 0) await rm(pid);
	try {
		return await openDurable(pgDir);
	} catch (error) {
		throw new DatabaseDamaged(dir, error);
	}
}

/** Applies the generated migrations, sees to it that there is a household, and gives the typed database. */
export async function migrated(client: PGlite, migrationsDir: string): Promise<Db> {
	const db = drizzle(client, { schema, casing: 'snake_case' });
	await refuseNewer(db as unknown as Db, migrationsDir);
	await migrate(db, { migrationsFolder: migrationsDir });
	await ensureCounted(db as unknown as Db);
	await ensureHousehold(db as unknown as Db);
	return db as unknown as Db;
}
