import assert from 'node:assert/strict';
import { mkdtemp, readdir, readFile, rm, stat, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { after, before, describe, it } from 'node:test';
import { fillWhole, writeWhole } from './whole-file.ts';

describe('a file that is there whole or not at all', () => {
	let dir: string;
	let path: string;
	before(async () => {
		dir = await mkdtemp(join(tmpdir(), 'almacen-whole-'));
		path = join(dir, 'kept.json');
	});
	after(() => rm(dir, { recursive: true }));

	it('is its owner’s only, also while it is written', async () => {
		const modeOf = async (file: string) => ((await stat(file)).mode & 0o777).toString(8);
		await fillWhole(path, async (unfinished) => {
			assert.equal(await modeOf(unfinished), '600');
			await writeFile(unfinished, 'first');
		});
		assert.equal(await modeOf(path), '600');
		assert.equal(await readFile(path, 'utf8'), 'first');
	});

	it('is the old one until the new one is there, and stays it where that fails; nothing is left half written', async () => {
		await fillWhole(path, async (unfinished) => {
			await writeFile(unfinished, 'sec');
			assert.equal(await readFile(path, 'utf8'), 'first');
			await writeFile(unfinished, 'second');
		});
		assert.equal(await readFile(path, 'utf8'), 'second');
		const failing = fillWhole(path, async (unfinished) => {
			await writeFile(unfinished, 'half');
			throw new Error('no room');
		});
		await assert.rejects(failing, /no room/);
		assert.equal(await readFile(path, 'utf8'), 'second');
		await writeWhole(path, 'third');
		assert.equal(await readFile(path, 'utf8'), 'third');
		assert.deepEqual(await readdir(dir), ['kept.json']);
	});
});
