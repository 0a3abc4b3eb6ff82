import { statSync, unlinkSync } from 'node:fs';
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

/**
 * A lock that lives and dies with the process: a listening socket, named after the folder's device and inode. The kernel
 * drops it at any end, kill -9 and power cut included, so nothing stale is left behind. On Linux the name is in the abstract
 * space; elsewhere it is a socket file, and a dead one is told by its refusing to answer.
 */
export async function lockDataFolder(dir: string): Promise<{ release(): Promise<void> }> {
	const { dev, ino } = statSync(dir);
	const linux = process.platform === 'linux';
	const address = linux ? `\0almacen-${dev}-${ino}` : join(dir, 'lock.sock');
	let server = await listen(address);
	if (!server && !linux && !(await answers(address))) {
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
