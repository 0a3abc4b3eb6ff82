import assert from 'node:assert/strict';
import { execFile } from 'node:child_process';
import { mkdir, mkdtemp, rm, utimes, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, describe, it } from 'node:test';
import { promisify } from 'node:util';
import { archiveFolder } from './archive-folder.ts';

const run = promisify(execFile);

describe('a folder as an archive', () => {
	let dir: string;
	let folder: string;
	const file = () => join(dir, 'folder.tar.gz');
	before(async () => {
		dir = await mkdtemp(join(tmpdir(), 'almacen-archive-'));
		folder = join(dir, 'folder');
		await mkdir(join(folder, 'deep', 'deeper', 'empty'), { recursive: true });
		for (const [name, size] of Object.entries({
			none: 0,
			one: 1,
			'deep/block': 512,
			'deep/more': 513,
			[`deep/deeper/${'n'.repeat(100)}`]: 1_000_000
		})) {
			const path = join(folder, name);
			await writeFile(path, Buffer.alloc(size, 'the same bytes again'));
			await utimes(path, 1_700_000_000, 1_700_000_000);
		}
	});
	after(() => rm(dir, { recursive: true }));

	it('is what GNU tar finds in the folder: names, sizes, times, every byte', async () => {
		await archiveFolder(folder, file(), (read) => read());
		await run('tar', ['--compare', '--gzip', '--file', file(), '--directory', folder]);
		const { stdout } = await run('tar', ['--list', '--gzip', '--file', file()]);
		const { stdout: found } = await run('find', [folder, '-mindepth', '1', '-printf', '%P\n']);
		const names = (text: string) => text.replaceAll(/\/$/gm, '').trim().split('\n').sort();
		assert.deepEqual(names(stdout), names(found));
	});

	it('is what was there while it was held, whatever is written after that', async () => {
		const held = join(folder, 'one');
		await archiveFolder(folder, file(), async (read) => {
			await writeFile(held, 'before');
			await read();
			await writeFile(held, 'after');
		});
		const { stdout } = await run('tar', ['-xzOf', file(), 'one']);
		assert.equal(stdout, 'before');
	});

	it('a folder that is not there is an error', async () => {
		await assert.rejects(
			archiveFolder(join(dir, 'gone'), file(), (read) => read()),
			/ENOENT/
		);
	});
});
