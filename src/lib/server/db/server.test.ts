import assert from 'node:assert/strict';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, describe, it, mock } from 'node:test';
import { sql } from 'drizzle-orm';
import pg from 'pg';
import { copiesDir, makeCopy } from '../copies/copy-folder.ts';
import { dumpServer } from '../copies/dump-server.ts';
import { proveCopy } from '../copies/proven.ts';
import { troubleWith } from '../copies/sound-copy.ts';
import { exportAll } from '../queries/backup.ts';
import { writeDish } from '../services/dishes/write-dish.ts';
import { aDish, openTestDb } from '../testing/index.ts';
import { ownDatabase, type OwnDatabase } from '../testing/own-database.ts';
import { importAll } from '../writes/backup.ts';
import type { Db } from './db.ts';
import { NewerDatabase } from './newer.ts';
import { rawRows } from './raw-rows.ts';
import { withScratch } from './scratch.ts';
import { openServer, ServerUnreachable, type OnServer } from './server.ts';

const template = process.env.ALMACEN_TEST_DATABASE_URL;
const skip = template ? false : 'no PostgreSQL server was named (ALMACEN_TEST_DATABASE_URL)';

/** Waits until something holds; the runner's own limit ends it otherwise. */
async function until(holds: () => boolean): Promise<void> {
	while (!holds()) await new Promise((resolve) => setTimeout(resolve, 20));
}

describe('several processes on one PostgreSQL server', { skip, timeout: 60_000 }, () => {
	let own: OwnDatabase;
	let one: OnServer;
	let two: OnServer;
	before(async () => {
		own = await ownDatabase(template!, null);
		// both find it empty: the migrations run once
		[one, two] = await Promise.all([
			openServer(own.url, 'drizzle'),
			openServer(own.url, 'drizzle')
		]);
	});
	after(async () => {
		await one?.close();
		await two?.close();
		await own?.drop();
	});

	it('one tells, the other hears; after its connection was cut it says that something may be missing, and hears on', async () => {
		const heard: string[] = [];
		let missed = 0;
		two.together.hear(
			(text) => heard.push(text),
			() => missed++
		);
		one.together.hear(
			(text) => heard.push(`own ${text}`),
			() => undefined
		);
		one.together.tell('{"topic":"day"}');
		await until(() => heard.length > 0);
		await own.admin.query(
			`select pg_terminate_backend(pid) from pg_stat_activity where datname = $1 and query like 'listen%'`,
			[own.name]
		);
		await until(() => missed > 0);
		// the one that tells may have been cut, too: what it tells goes by another connection
		one.together.tell('again');
		await until(() => heard.includes('again'));
		assert.deepEqual(heard, ['{"topic":"day"}', 'again']);
	});

	it('after the database was away each process is back on one connection, however often it asked', async () => {
		const listeners = async () =>
			(
				await own.admin.query<{ n: number }>(
					`select count(*)::int as n from pg_stat_activity where datname = $1 and query like 'listen%'`,
					[own.name]
				)
			).rows[0].n;
		assert.equal(await listeners(), 2);
		const asked = mock.method(pg.Client.prototype, 'connect');
		const allow = (yes: boolean) =>
			own.admin.query(`alter database ${own.name} allow_connections ${yes}`);
		for (let round = 0; round < 3; round++) {
			await allow(false);
			await own.admin.query(
				`select pg_terminate_backend(pid) from pg_stat_activity where datname = $1 and query like 'listen%'`,
				[own.name]
			);
			const before = asked.mock.callCount();
			// both ask in vain, more than once
			await until(() => asked.mock.callCount() >= before + 5);
			await allow(true);
			let back = 0;
			while (back < 2) back = await listeners();
			assert.equal(back, 2);
		}
		asked.mock.restore();
		one.together.tell('back');
	});

	it('under one name one works at a time, of either process', async () => {
		let inside = 0;
		let most = 0;
		const work = async () => {
			most = Math.max(most, ++inside);
			await new Promise((resolve) => setImmediate(resolve));
			inside--;
		};
		await Promise.all(
			Array.from({ length: 20 }, (_, i) => (i % 2 ? one : two).together.alone('day 1', work))
		);
		assert.equal(most, 1);
	});

	it('what one process does alone goes to the other when that one ends', async () => {
		const doing = new Set<string>();
		const as = (who: string) => () => {
			doing.add(who);
			return () => void doing.delete(who);
		};
		const third = await openServer(own.url, 'drizzle');
		third.together.inOneProcess('copies', as('third'));
		await until(() => doing.has('third'));
		const stop = one.together.inOneProcess('copies', as('one'));
		assert.deepEqual([...doing], ['third']);
		await third.close();
		await until(() => doing.has('one'));
		assert.deepEqual([...doing], ['one']);
		stop();
	});

	it('what a transaction has read still holds when it writes, whoever writes beside it', async () => {
		await one.db.execute(sql`create table tally (n int)`);
		await one.db.execute(sql`insert into tally values (0)`);
		const tally = async (db: Db) =>
			(await rawRows<{ n: number }>(db, sql`select n from tally`))[0].n;
		const add = ({ db }: OnServer) =>
			db.transaction(async (tx) => {
				await tx.execute(sql`update tally set n = ${(await tally(tx)) + 1}`);
			});
		await Promise.all(Array.from({ length: 20 }, (_, i) => add(i % 2 ? one : two)));
		assert.equal(await tally(two.db), 20);
		await one.db.execute(sql`drop table tally`);
	});

	it('twenty pairs of taps that came to different processes have one effect each; what was refused may be sent again', async () => {
		let effects = 0;
		const answer = async () => {
			const n = ++effects;
			await two.db.execute(sql`select pg_sleep(0.02)`);
			return new Response(n % 2 ? String(n) : null, { status: n % 2 ? 200 : 204 });
		};
		const isRefused = async ({ status }: Response) => status >= 400;
		const tap = (at: OnServer, key: string, does = answer, device = 'a') =>
			at.together.once({ device, key, withinMs: 60_000, isRefused }, does);
		const textOf = async (response: Response) => `${response.status} ${await response.text()}`;
		for (let pair = 1; pair <= 20; pair++) {
			const both = await Promise.all([tap(one, `dal ${pair}`), tap(two, `dal ${pair}`)]);
			const [first, second] = await Promise.all(both.map(textOf));
			assert.equal(first, second);
			assert.equal(await textOf(await tap(two, `dal ${pair}`)), first);
			assert.equal(effects, pair);
		}
		await tap(two, 'dal 20', answer, 'b');
		assert.equal(effects, 21);
		// something else in between: the same again is meant
		await tap(one, 'taken back');
		await tap(two, 'dal 20');
		assert.equal(effects, 23);
		const refused = async () => new Response('no room', { status: 507 });
		const failed = () => Promise.reject(new Error('no disk'));
		assert.equal((await tap(one, 'again', refused)).status, 507);
		await assert.rejects(tap(one, 'again', failed), /no disk/);
		await tap(two, 'again');
		assert.equal(effects, 24);
		// after its time it is another tap
		const late = { device: 'c', key: 'later', withinMs: 0, isRefused };
		await one.together.once(late, answer);
		await two.together.once(late, answer);
		assert.equal(effects, 26);
	});

	it('a household moves from one to another and back, identical', async () => {
		const { db, client } = await openTestDb();
		await writeDish(db, aDish(), 5);
		const was = await exportAll(db, 0);
		await importAll(one.db, was);
		const there = await exportAll(two.db, 0);
		assert.deepEqual(there.tables, was.tables);
		await client.close();
	});

	it('a copy by pg_dump reads into the embedded database, identical', async () => {
		await writeDish(one.db, aDish({ name: "Grandmother's dal; 'hot'" }), 5);
		const was = await exportAll(one.db, 0);
		const dir = await mkdtemp(join(tmpdir(), 'almacen-dump-'));
		const dump = { kind: 'sql', into: (file: string) => dumpServer(own.url, file) } as const;
		const { name } = await makeCopy({ dump, sound: async () => undefined }, dir, 0);
		const file = join(copiesDir(dir), name);
		assert.equal(await troubleWith(file), null);
		await proveCopy(copiesDir(dir), name, 0);
		const copied = await withScratch(file, 'drizzle', (db) => exportAll(db, 0));
		assert.deepEqual(copied.tables, was.tables);
		assert.equal(copied.lastSerial, was.lastSerial);
		await rm(dir, { recursive: true });
	});

	it('a database of a newer release is refused, and left as it is', async () => {
		await one.db.execute(
			sql`insert into drizzle.__drizzle_migrations (hash, created_at) values ('of a newer release', 9000000000000)`
		);
		await assert.rejects(openServer(own.url, 'drizzle'), NewerDatabase);
		await one.db.execute(
			sql`delete from drizzle.__drizzle_migrations where created_at = 9000000000000`
		);
		await (await openServer(own.url, 'drizzle')).close();
	});

	it('where no server answers it is said in a sentence', async () => {
		await assert.rejects(
			openServer('postgres://almacen@127.0.0.1:1/x', 'drizzle'),
			ServerUnreachable
		);
	});
});
