import assert from 'node:assert/strict';
import { mkdir, mkdtemp, readdir, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, describe, it } from 'node:test';
import { setImmediate } from 'node:timers/promises';
import { sql } from 'drizzle-orm';
import { lockDataFolder } from '../db/lock.ts';
import { openDatabase } from '../db/open.ts';
import { rawRows } from '../db/raw-rows.ts';
import { withScratch } from '../db/scratch.ts';
import { exportAll } from '../queries/backup.ts';
import { makeSafeCopy } from '../services/household/safe-copy.ts';
import { addFreezer } from '../writes/household.ts';
import { copiesDir, makeCopy, outdated, sweepParts } from './copy-folder.ts';
import { provenOf, proveCopy } from './proven.ts';
import { NoSoundCopy, restoreCopy } from './restore-copy.ts';

const options = (dataDir: string) => ({
	dataDir,
	migrationsDir: 'drizzle',
	preparedDump: 'build/prepared/empty.tar.gz'
});

describe('safe copies', () => {
	let dir: string;
	before(async () => {
		dir = await mkdtemp(join(tmpdir(), 'almacen-copies-'));
	});
	after(() => rm(dir, { recursive: true }));

	it('dump, wreck the folder, restore: same data', async () => {
		const first = await openDatabase(options(dir));
		await addFreezer(first.db, {
			name: 'chest',
			volumeL: 200,
			setC: -18,
			shelves: ['top', 'floor']
		});
		const wanted = await exportAll(first.db, 0);
		const copy = await makeCopy(first, dir, Date.UTC(2026, 10, 24));
		await assert.rejects(
			restoreCopy({ dataDir: dir, file: join(copiesDir(dir), copy.name), nowMs: 0 }),
			/already running/
		);
		await first.close();

		await rm(join(dir, 'pg', 'base'), { recursive: true });
		await writeFile(join(dir, 'pg', 'PG_VERSION'), 'ruined');
		const done = await restoreCopy({
			dataDir: dir,
			file: join(copiesDir(dir), copy.name),
			nowMs: 0
		});
		assert.match(done.setAside ?? '', /^pg\.before-/);

		const again = await openDatabase(options(dir));
		assert.deepEqual(await exportAll(again.db, 0), wanted);
		await again.close();
	});

	it('made while others write, it holds all they wrote up to a moment, and nobody is turned away', async () => {
		const { db, client, close, ...opened } = await openDatabase(options(dir));
		await client.exec('create table tally (n int)');
		let written = 0;
		let isMade = false;
		const writing = (async () => {
			while (!isMade) {
				await client.query('insert into tally values ($1)', [++written]);
				await setImmediate();
			}
		})();
		const before = written;
		const { name } = await makeCopy(opened, dir, 1);
		isMade = true;
		await writing;
		assert.ok(written > before);
		const seen = await withScratch(join(copiesDir(dir), name), 'drizzle', (copied) =>
			rawRows<{ n: number }>(copied, sql`select n from tally order by n`)
		);
		assert.deepEqual(
			seen.map(({ n }) => n),
			seen.map((_, i) => i + 1)
		);
		assert.ok(seen.length >= before && seen.length <= written);
		await db.execute(sql`drop table tally`);
		await close();
	});

	it('of a database that lost rows none is made, and none that lacks rows is proven', async () => {
		const { client, close, ...opened } = await openDatabase(options(dir));
		const whole = await makeCopy(opened, dir, 3);
		await proveCopy(copiesDir(dir), whole.name, 3);
		// as if a freezer were gone that nobody took out
		await client.exec(`update row_counts set n = n + 1 where name = 'freezers'`);
		await assert.rejects(makeCopy(opened, dir, 4), {
			name: 'DatabaseUnsound',
			message: /1 rows of 2/
		});
		const lacking = await makeCopy({ ...opened, sound: async () => undefined }, dir, 4);
		await assert.rejects(proveCopy(copiesDir(dir), lacking.name, 4), /not whole.*freezers/);
		assert.deepEqual([...(await provenOf(copiesDir(dir)))], [whole.name]);
		await client.exec(`update row_counts set n = n - 1 where name = 'freezers'`);
		await rm(join(copiesDir(dir), lacking.name));
		await close();
	});

	it('one that cannot be made is said in words, and leaves nothing behind', async () => {
		const was = await readdir(copiesDir(dir));
		const into = async (file: string) => {
			await writeFile(file, 'half');
			throw new Error('no space left on device');
		};
		const make = () =>
			makeCopy({ dump: { kind: 'tar', into }, sound: async () => undefined }, dir, 2);
		const said = await makeSafeCopy({ make });
		assert.match(said.ok ? '' : said.message, /No safe copy .*no space left.*try again/s);
		assert.deepEqual(await readdir(copiesDir(dir)), was);
	});

	it('a file that is no copy changes nothing', async () => {
		const junk = join(dir, 'junk.tar.gz');
		await writeFile(junk, 'not a dump');
		await assert.rejects(restoreCopy({ dataDir: dir, file: junk, nowMs: 0 }), NoSoundCopy);
		const still = await openDatabase(options(dir));
		assert.equal((await exportAll(still.db, 0)).tables.freezers.length, 1);
		await still.close();
		await (await lockDataFolder(dir)).release();
	});

	it('keeps the newest ten, and the last of each day for a month', () => {
		const nowMs = Date.UTC(2026, 10, 24, 12);
		const dayMs = 86_400_000;
		// four a day for sixty days, newest first
		const copies = Array.from({ length: 240 }, (_, i) => {
			const madeAtMs = nowMs - i * 6 * 3_600_000;
			return { name: String(i), madeAtMs, bytes: 1 };
		});
		const gone = new Set(outdated(copies, nowMs, new Set()));
		const kept = copies.filter((copy) => !gone.has(copy));
		assert.deepEqual(kept.slice(0, 10), copies.slice(0, 10));
		const days = kept.map(({ madeAtMs }) => Math.floor(madeAtMs / dayMs));
		assert.ok(new Set(days).size >= 29 && new Set(days).size <= 31);
		assert.equal(new Set(days.slice(10)).size, days.slice(10).length);
		assert.ok(kept.every(({ madeAtMs }) => nowMs - madeAtMs <= 30 * dayMs));
		assert.deepEqual(outdated([], nowMs, new Set()), []);
		// the last that was proven stays, however old
		assert.ok(!outdated(copies, nowMs, new Set(['201', '239'])).some(({ name }) => name === '201'));
		assert.ok(outdated(copies, nowMs, new Set(['201', '239'])).some(({ name }) => name === '239'));
	});

	it('takes away what a cut left half written; a folder that cannot be written to is said in a sentence', async () => {
		const other = await mkdtemp(join(tmpdir(), 'almacen-part-'));
		await mkdir(copiesDir(other));
		await writeFile(join(copiesDir(other), 'almacen-x.tar.gz.part'), 'half');
		await sweepParts(copiesDir(other));
		assert.deepEqual(await readdir(copiesDir(other)), []);
		const file = join(other, 'file');
		await writeFile(file, '');
		await assert.rejects(openDatabase(options(file)), /cannot be written to: there is a file/);
		await rm(other, { recursive: true });
	});
});
