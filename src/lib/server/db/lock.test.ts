import assert from 'node:assert/strict';
import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { it } from 'node:test';
import { DataFolderInUse, lockDataFolder } from './lock.ts';

const lockModule = new URL('./lock.ts', import.meta.url).href;
const script = `
	const { lockDataFolder } = await import(${JSON.stringify(lockModule)});
	try { await lockDataFolder(process.argv[1]); console.log('held'); setInterval(() => {}, 1000); }
	catch (error) { console.log(error.name); process.exit(3); }
`;

/** A second process that tries to take the lock; the first line it prints. */
function contender(dir: string): { child: ChildProcess; said: Promise<string> } {
	const child = spawn(
		process.execPath,
		['--import', 'tsx', '--input-type=module', '-e', script, dir],
		{
			stdio: ['ignore', 'pipe', 'inherit']
		}
	);
	const said = new Promise<string>((resolve, reject) => {
		child.stdout?.once('data', (data: Buffer) => resolve(data.toString().trim()));
		child.once('error', reject);
	});
	return { child, said };
}

it('one process at a time; kill -9 leaves no stale lock behind', async () => {
	const dir = await mkdtemp(join(tmpdir(), 'almacen-lock-'));
	const first = contender(dir);
	try {
		assert.equal(await first.said, 'held');
		assert.equal(await contender(dir).said, 'DataFolderInUse');
		await assert.rejects(lockDataFolder(dir), DataFolderInUse);
		const ended = new Promise((resolve) => first.child.once('exit', resolve));
		first.child.kill('SIGKILL');
		await ended;
		const mine = await lockDataFolder(dir);
		await mine.release();
		const again = await lockDataFolder(dir);
		await again.release();
	} finally {
		first.child.kill('SIGKILL');
		await rm(dir, { recursive: true });
	}
});
