import assert from 'node:assert/strict';
import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { readdirSync, readlinkSync } from 'node:fs';
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
function contender(
	dir: string,
	around: readonly string[] = []
): { child: ChildProcess; said: Promise<string> } {
	const node = [process.execPath, '--import', 'tsx', '--input-type=module', '-e', script, dir];
	const [command, ...rest] = [...around, ...node];
	const child = spawn(command, rest, { stdio: ['ignore', 'pipe', 'inherit'] });
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

/** As a container has it: namespaces of its own, of the network and of what processes it sees. */
const apart = ['unshare', '--net', '--ipc', '--uts', '--pid', '--fork', '--kill-child'];
const canUnshare = spawnSync(apart[0], [...apart.slice(1), 'true']).status === 0;

it(
	'between namespaces, as two containers are, too',
	{ skip: canUnshare ? false : 'namespaces cannot be made here: run it as root' },
	async () => {
		const dir = await mkdtemp(join(tmpdir(), 'almacen-lock-apart-'));
		const mine = await lockDataFolder(dir);
		assert.equal(await contender(dir, apart).said, 'DataFolderInUse');
		await mine.release();
		const theirs = contender(dir, apart);
		assert.equal(await theirs.said, 'held');
		await assert.rejects(lockDataFolder(dir), DataFolderInUse);
		const ended = new Promise((resolve) => theirs.child.once('exit', resolve));
		process.kill(theirs.child.pid ?? 0, 'SIGKILL');
		await ended;
		await rm(dir, { recursive: true });
	}
);

/** Processes that have a file open, as Linux tells. */
function holdersOf(path: string): number[] {
	const opens = (pid: string): boolean => {
		try {
			return readdirSync(`/proc/${pid}/fd`).some(
				(fd) => readlinkSync(`/proc/${pid}/fd/${fd}`) === path
			);
		} catch {
			// it has ended meanwhile
			return false;
		}
	};
	return readdirSync('/proc')
		.filter((name) => /^\d+$/.test(name) && opens(name))
		.map(Number);
}

it('a server whose lock is taken away from it is told', async () => {
	const dir = await mkdtemp(join(tmpdir(), 'almacen-lock-lost-'));
	const told = new Promise<Error>((resolve) => {
		void lockDataFolder(dir, resolve).then(() => {
			for (const pid of holdersOf(dir)) process.kill(pid, 'SIGKILL');
		});
	});
	// a server has other things that keep it running
	const running = setInterval(() => undefined, 1000);
	assert.match((await told).message, /is gone/);
	clearInterval(running);
	await rm(dir, { recursive: true });
});
