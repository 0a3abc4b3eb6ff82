import assert from 'node:assert/strict';
import { copyFile, mkdir, mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, describe, it } from 'node:test';
import { lockDataFolder } from '../db/lock.ts';
import { openDatabase } from '../db/open.ts';
import { exportAll } from '../queries/backup.ts';
import { addFreezer } from '../writes/household.ts';
import { copiesDir, listCopies, makeCopy } from './copy-folder.ts';
import { restoreCopy } from './restore-copy.ts';

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
		const copy = await makeCopy(first.client, dir, Date.UTC(2026, 10, 24));
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

	it('a file that is no copy changes nothing', async () => {
		const junk = join(dir, 'junk.tar.gz');
		await writeFile(junk, 'not a dump');
		await assert.rejects(restoreCopy({ dataDir: dir, file: junk, nowMs: 0 }));
		const still = await openDatabase(options(dir));
		assert.equal((await exportAll(still.db, 0)).tables.freezers.length, 1);
		await still.close();
		await (await lockDataFolder(dir)).release();
	});

	it('keeps the last ten, newest first', async () => {
		const other = await mkdtemp(join(tmpdir(), 'almacen-ten-'));
		const opened = await openDatabase(options(other));
		const made = await makeCopy(opened.client, other, 0);
		await mkdir(copiesDir(other), { recursive: true });
		for (let day = 1; day <= 10; day++)
			await copyFile(
				join(copiesDir(other), made.name),
				join(
					copiesDir(other),
					`almacen-2026-11-${String(day).padStart(2, '0')}T00-00-00.000Z.tar.gz`
				)
			);
		await makeCopy(opened.client, other, Date.UTC(2026, 10, 24));
		await opened.close();
		const names = (await listCopies(other)).map((copy) => copy.name.slice(8, 18));
		assert.equal(names.length, 10);
		assert.equal(names[0], '2026-11-24');
		assert.ok(!names.includes('1970-01-01') && !names.includes('2026-11-01'));
		await rm(other, { recursive: true });
	});
});
