import { logFailure } from '../log.ts';
import { createHash, randomUUID } from 'node:crypto';
import { sql } from 'drizzle-orm';
import { drizzle } from 'drizzle-orm/node-postgres';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import pg from 'pg';
import { ensureHousehold } from '../writes/household.ts';
import type { Db } from './db.ts';
import * as schema from './schema/index.ts';
import { DatabaseUnsound, ensureCounted, soundAtStart } from './soundness/index.ts';
import { NewerDatabase, refuseNewer } from './newer.ts';
import { makeTapsTable, onceAmong } from './taps.ts';
import type { Together } from './together.ts';

/** Counts come as numbers, as they do from the embedded database; none here is beyond what a number holds. */
pg.types.setTypeParser(pg.types.builtins.INT8, Number);

const mostConnections = 10;
/** Connections that only hold a lock. */
const mostLocks = 5;
const channel = 'almacen_changes';
const againMs = 500;
const mostPauseMs = 2_000;
/** A server that is there answers sooner. */
const patienceMs = 3_000;
const electionMs = 5_000;

/** The server does not answer, or does not let anybody in. */
export class ServerUnreachable extends Error {
	constructor(why: string) {
		super(
			`The PostgreSQL server of DATABASE_URL cannot be used: ${why}. Look whether it runs, and at the address, name and password; ` +
				'without DATABASE_URL the data folder is used.'
		);
		this.name = 'ServerUnreachable';
	}
}

export interface OnServer {
	readonly db: Db;
	readonly together: Together;
	close(): Promise<void>;
}

/** The number an advisory lock goes by (PostgreSQL 9.28.10: one key of 64 bits). */
const lockKey = (name: string): bigint =>
	createHash('sha256').update(`almacen ${name}`).digest().readBigInt64BE();

/**
 * Opens and migrates the database of a PostgreSQL server, on which several of these processes may work. Transactions that write come
 * one after the other, as in the embedded database, so that what one has read still holds when it writes. Throws `ServerUnreachable`.
 */
export async function openServer(url: string, migrationsDir: string): Promise<OnServer> {
	const pool = new pg.Pool({ connectionString: url, max: mostConnections });
	const locks = new pg.Pool({ connectionString: url, max: mostLocks });
	for (const each of [pool, locks])
		each.on('error', logFailure('a connection to the database was lost'));
	const held = locked(locks);
	try {
		const db = drizzle(pool, { schema, casing: 'snake_case' });
		await held('migrations', async () => {
			await refuseNewer(db as unknown as Db, migrationsDir);
			await soundAtStart(db as unknown as Db, 'on the server');
			await migrate(db, { migrationsFolder: migrationsDir });
			await ensureCounted(db as unknown as Db);
			await ensureHousehold(db as unknown as Db);
			await pool.query(makeTapsTable);
		});
		const ears = new Ears(url);
		await ears.open();
		const elections = new Set<() => Promise<void>>();
		return {
			db: oneWriterAtATime(db as unknown as Db),
			together: {
				tell: (text) => ears.tell(pool, text),
				hear: (told, missed) => ears.hear(told, missed),
				alone: held,
				once: onceAmong(pool),
				inOneProcess: (name, start) => {
					const stop = elected(url, name, start);
					elections.add(stop);
					return () => void stop();
				}
			},
			close: async () => {
				for (const stop of elections) await stop();
				await ears.close();
				await locks.end();
				await pool.end();
			}
		};
	} catch (error) {
		await Promise.allSettled([locks.end(), pool.end()]);
		if (error instanceof NewerDatabase || error instanceof DatabaseUnsound) throw error;
		throw new ServerUnreachable((error as Error).message || String(error));
	}
}

/** Every transaction that writes waits for the one before it, of whatever process. */
function oneWriterAtATime(db: Db): Db {
	const key = lockKey('writing');
	const begin = db.transaction.bind(db);
	db.transaction = (work, config) =>
		begin(async (tx) => {
			if (config?.accessMode !== 'read only')
				await tx.execute(sql`select pg_advisory_xact_lock(${key.toString()}::bigint)`);
			return work(tx);
		}, config);
	return db;
}

function locked(pool: pg.Pool): Together['alone'] {
	return async (name, work) => {
		const client = await pool.connect();
		const key = lockKey(name).toString();
		try {
			await client.query('select pg_advisory_lock($1)', [key]);
			try {
				return await work();
			} finally {
				await client.query('select pg_advisory_unlock($1)', [key]);
			}
		} finally {
			client.release();
		}
	};
}

/** A connection of its own that hears what other processes tell; when it is lost it comes back, and something may have been missed. */
class Ears {
	private readonly me = randomUUID();
	private client: pg.Client | null = null;
	private closed = false;
	private attempt: NodeJS.Timeout | null = null;
	private pauseMs = againMs;
	private told: (text: string) => void = () => undefined;
	private missed: () => void = () => undefined;

	constructor(private readonly url: string) {}

	hear(told: (text: string) => void, missed: () => void): void {
		this.told = told;
		this.missed = missed;
	}

	tell(pool: pg.Pool, text: string): void {
		pool
			.query('select pg_notify($1, $2)', [channel, `${this.me} ${text}`])
			.catch(logFailure('other processes were not told'));
	}

	async open(): Promise<void> {
		const client = new pg.Client({
			connectionString: this.url,
			keepAlive: true,
			connectionTimeoutMillis: patienceMs
		});
		client.on('notification', ({ payload = '' }) => {
			const [from, ...text] = payload.split(' ');
			if (from !== this.me) this.told(text.join(' '));
		});
		client.on('error', () => undefined);
		client.on('end', () => {
			// one that never came up is told of by its promise
			if (this.client !== client) return;
			this.client = null;
			this.again();
		});
		try {
			await client.connect();
			await client.query(`listen ${channel}`);
		} catch (error) {
			await client.end().catch(() => undefined);
			throw error;
		}
		this.client = client;
		this.pauseMs = againMs;
	}

	/** One attempt at a time, each after a longer pause than the last. */
	private again(): void {
		if (this.closed || this.attempt) return;
		this.attempt = setTimeout(() => {
			this.attempt = null;
			this.open().then(
				() => this.missed(),
				() => this.again()
			);
		}, this.pauseMs).unref();
		this.pauseMs = Math.min(mostPauseMs, this.pauseMs * 1.5);
	}

	async close(): Promise<void> {
		this.closed = true;
		if (this.attempt) clearTimeout(this.attempt);
		await this.client?.end();
	}
}

/** Runs something while this process holds the lock of its name; asks for it again and again, and loses it with its connection. */
function elected(url: string, name: string, start: () => () => void): () => Promise<void> {
	const key = lockKey(`elected ${name}`).toString();
	let client: pg.Client | null = null;
	let stopWork: (() => void) | null = null;
	const lost = () => {
		stopWork?.();
		stopWork = null;
		client = null;
	};
	let busy = false;
	const ask = async () => {
		if (busy || stopWork) return;
		busy = true;
		try {
			if (!client) {
				const fresh = new pg.Client({ connectionString: url, keepAlive: true });
				fresh.on('error', () => undefined);
				fresh.on('end', lost);
				await fresh.connect();
				client = fresh;
			}
			const { rows } = await client.query<{ won: boolean }>(
				'select pg_try_advisory_lock($1) as won',
				[key]
			);
			if (rows[0].won) stopWork = start();
		} catch (error) {
			logFailure('who does it could not be asked', { name })(error);
		} finally {
			busy = false;
		}
	};
	void ask();
	const timer = setInterval(() => void ask(), electionMs);
	timer.unref();
	return async () => {
		clearInterval(timer);
		const mine = client;
		lost();
		await mine?.end();
	};
}
