import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, unlinkSync } from 'node:fs';
import { connect, createServer, type Server } from 'node:net';
import { join } from 'node:path';

/** Another process has the data folder open. */
export class DataFolderInUse extends Error {
	constructor(dir: string) {
		super(
			`Almacen is already running on the data folder ${dir}. Two at once would lose data. ` +
				'Stop the other one, or start this one with another folder (ALMACEN_DATA).'
		);
		this.name = 'DataFolderInUse';
	}
}

/** There is no sound way here to tell whether another process has the folder. */
export class NoSoundLock extends Error {
	constructor(dir: string) {
		super(
			`The data folder ${dir} cannot be locked: this system has no flock (package util-linux), and inside a container nothing else ` +
				'keeps two of them from one folder. Install util-linux in it.'
		);
		this.name = 'NoSoundLock';
	}
}

export interface FolderLock {
	release(): Promise<void>;
}

/** What flock answers when somebody else has it. */
const takenCode = 9;
/** A server that was killed lets go within moments: so long is waited for it, seconds. */
const patienceS = 2;

/**
 * A lock that lives and dies with the process. Where there is flock (util-linux, on every Debian), it lies on the folder itself, and so
 * holds between containers and network namespaces, too: a helper has it until this process's end closes its input, kill -9 and power
 * cut included. Elsewhere it is a listening socket in the folder. Throws `DataFolderInUse`, or `NoSoundLock` in a container without
 * flock. `lost` is called when the helper is ended by somebody else.
 */
export async function lockDataFolder(
	dir: string,
	lost: (error: Error) => void = endAtOnce
): Promise<FolderLock> {
	mkdirSync(dir, { recursive: true, mode: 0o700 });
	const held = await flock(dir, lost);
	if (held === 'taken') throw new DataFolderInUse(dir);
	if (held !== 'missing') return held;
	if (existsSync('/.dockerenv') || existsSync('/run/.containerenv')) throw new NoSoundLock(dir);
	return socketLock(dir);
}

/** Without its lock a server must not write on. */
function endAtOnce(error: Error): never {
	console.error(error.message);
	process.exit(3);
}

/** Takes the lock by a helper that holds it as long as its input is open. */
function flock(
	dir: string,
	lost: (error: Error) => void
): Promise<FolderLock | 'taken' | 'missing'> {
	return new Promise((resolve, reject) => {
		// a process group of its own: a Ctrl+C ends the server first, which lets go in its own order
		const helper = spawn(
			'flock',
			[
				'-w',
				String(patienceS),
				'-E',
				String(takenCode),
				// the folder itself: a file in it could be taken away under the lock
				dir,
				'sh',
				'-c',
				'echo held; exec cat'
			],
			{ detached: true, stdio: ['pipe', 'pipe', 'ignore'] }
		);
		let held = false;
		let released = false;
		helper.once('error', (error: NodeJS.ErrnoException) =>
			error.code === 'ENOENT' ? resolve('missing') : reject(error)
		);
		helper.stdout.once('data', () => {
			held = true;
			// from now on nothing is kept running because of it
			helper.unref();
			for (const pipe of [helper.stdin, helper.stdout])
				(pipe as unknown as { unref(): void }).unref();
			resolve({
				release: () =>
					new Promise((done) => {
						released = true;
						helper.ref();
						helper.once('exit', () => done());
						helper.stdin.end();
					})
			});
		});
		helper.once('exit', (code) => {
			if (released) return;
			if (held)
				lost(new Error(`The lock of the data folder ${dir} is gone: its helper was ended.`));
			else if (code === takenCode) resolve('taken');
			else reject(new Error(`The data folder ${dir} cannot be locked (flock ended with ${code}).`));
		});
		helper.stdin.on('error', () => undefined);
	});
}

/** A socket file in the folder; a dead one is told by its refusing to answer. */
async function socketLock(dir: string): Promise<FolderLock> {
	const address = join(dir, 'lock.sock');
	let server = await listen(address);
	if (!server && !(await answers(address))) {
		unlinkSync(address);
		server = await listen(address);
	}
	if (!server) throw new DataFolderInUse(dir);
	const held = server;
	held.unref();
	return { release: () => new Promise((resolve) => held.close(() => resolve())) };
}

/** The listening server, or null when somebody has the address. */
function listen(address: string): Promise<Server | null> {
	return new Promise((resolve, reject) => {
		const server = createServer((socket) => socket.end());
		server.once('error', (error: NodeJS.ErrnoException) =>
			error.code === 'EADDRINUSE' ? resolve(null) : reject(error)
		);
		server.listen(address, () => resolve(server));
	});
}

function answers(address: string): Promise<boolean> {
	return new Promise((resolve) => {
		const socket = connect(address);
		socket.once('connect', () => {
			socket.destroy();
			resolve(true);
		});
		socket.once('error', () => resolve(false));
	});
}
