import assert from 'node:assert/strict';
import fs, { cpSync, copyFileSync, readlinkSync } from 'node:fs';
import { mkdir, mkdtemp, rm, truncate, writeFile } from 'node:fs/promises';
import { syncBuiltinESMExports } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, describe, it, mock } from 'node:test';
import { openDatabase } from './open.ts';

const preparedDump = 'build/prepared/empty.tar.gz';
const open = (dataDir: string) => openDatabase({ dataDir, migrationsDir: 'drizzle', preparedDump });

/**
 * A power cut without pulling a plug: a second folder receives a file only when the database has forced it to the disk (POSIX:
 * what fsync did not cover may be gone). What opens from that folder is what a cut at this moment would leave.
 */
describe('a power cut', () => {
	let dir: string;
	before(async () => {
		dir = await mkdtemp(join(tmpdir(), 'almacen-cut-'));
	});
	after(() => rm(dir, { recursive: true, force: true }));

	it('loses nothing that was acknowledged, seconds after a start', async () => {
		const [live, left] = [join(dir, 'live'), join(dir, 'left')];
		await (await open(live)).close();
		cpSync(live, left, { recursive: true });
		const forced = mock.method(fs, 'fdatasyncSync', (fd: number) => {
			const path = readlinkSync(`/proc/self/fd/${fd}`);
			// a folder's names come with the files that are forced themselves
			if (!fs.fstatSync(fd).isDirectory()) copyFileSync(path, path.replace(live, left));
		});
		syncBuiltinESMExports();
		const opened = await open(live);
		try {
			await opened.client.exec('create table proof (n int primary key, said text)');
			for (let n = 0; n < 60; n++) {
				const before = forced.mock.callCount();
				await opened.client.query('insert into proof values ($1, $2)', [n, 'x'.repeat(3000)]);
				assert.ok(forced.mock.callCount() > before, `write ${n} answered before it was forced`);
				if (n === 30) await opened.client.exec('checkpoint');
			}
			forced.mock.restore();
			syncBuiltinESMExports();
			const after = await open(left);
			const { rows } = await after.client.query<{ n: number }>('select n from proof order by n');
			assert.deepEqual(
				rows.map(({ n }) => n),
				Array.from({ length: 60 }, (_, n) => n)
			);
			await after.close();
		} finally {
			forced.mock.restore();
			syncBuiltinESMExports();
			await opened.close();
		}
	});

	it('that leaves the process file empty does not keep the folder from opening', async () => {
		const folder = join(dir, 'pid');
		await (await open(folder)).close();
		await writeFile(join(folder, 'pg', 'postmaster.pid'), '');
		await truncate(join(folder, 'pg', 'postmaster.pid'), 0);
		await (await open(folder)).close();
	});
});

describe('a folder whose database is gone', () => {
	let dir: string;
	before(async () => {
		dir = await mkdtemp(join(tmpdir(), 'almacen-gone-'));
	});
	after(() => rm(dir, { recursive: true, force: true }));

	for (const [what, path] of [
		['safe copies', 'copies/almacen-2026-11-24T00-00-00.000Z.tar.gz'],
		['a folder set aside', 'pg.before-2026-11-24/PG_VERSION'],
		['files of a database', 'pg/base/1']
	] as const)
		it(`is not started empty beside ${what}`, async () => {
			const folder = join(dir, what.replaceAll(' ', '-'));
			const file = join(folder, path);
			await mkdir(join(file, '..'), { recursive: true });
			await writeFile(file, 'kept');
			await assert.rejects(open(folder), { name: 'DatabaseMissing', message: /npm run restore/ });
			assert.equal(fs.readFileSync(file, 'utf8'), 'kept');
			// the lock was let go: what was refused once can be opened when it is mended
			await rm(join(folder, path.split('/')[0]), { recursive: true });
			await (await open(folder)).close();
		});
});
