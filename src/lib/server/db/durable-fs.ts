import { closeSync, fdatasyncSync, fsyncSync, openSync } from 'node:fs';
import { PGlite, type PGliteOptions } from '@electric-sql/pglite';
import { NodeFS } from '@electric-sql/pglite/nodefs';
import { takingTurns } from './take-turns.ts';

/** What the file layer of the database's own runtime looks like, as far as it is touched here. */
interface HostFileLayer {
	NODEFS: {
		realPath(node: unknown): string;
		stream_ops: { fsync?: (stream: { nfd?: number; node: unknown }) => number };
	};
}

const errno = { EINTR: 27, EIO: 29, ENOSPC: 51 } as const;

/**
 * The database's folder on the host, with an fsync that reaches the disk. The layer that comes with the package has none: what
 * PostgreSQL flushes at a commit and at a checkpoint stays in the system's cache, and a power cut loses it.
 */
export class DurableNodeFS extends NodeFS {
	override async init(...args: Parameters<NodeFS['init']>): ReturnType<NodeFS['init']> {
		const made = await super.init(...args);
		(made.emscriptenOpts.preRun as ((runtime: HostFileLayer) => void)[]).push(({ NODEFS }) => {
			NODEFS.stream_ops.fsync = (stream) => {
				try {
					if (stream.nfd === undefined) syncPath(NODEFS.realPath(stream.node));
					else fdatasyncSync(stream.nfd);
					return 0;
				} catch (error) {
					return hostError(error as NodeJS.ErrnoException);
				}
			};
		});
		return made;
	}
}

/** A folder has no descriptor of its own in the runtime: the host's is opened for the moment. */
function syncPath(path: string): void {
	const fd = openSync(path, 'r');
	try {
		fsyncSync(fd);
	} finally {
		closeSync(fd);
	}
}

/** The runtime's number of a host error; some file systems cannot sync a folder (EINVAL), which is no failure. */
function hostError({ code }: NodeJS.ErrnoException): number {
	if (code === 'EINVAL') return 0;
	return code === 'EINTR' || code === 'ENOSPC' ? errno[code] : errno.EIO;
}

/** Opens (or makes) a database folder whose commits are on the disk before they are acknowledged. */
export async function openDurable(
	pgDir: string,
	options: Pick<PGliteOptions, 'loadDataDir'> = {}
): Promise<PGlite> {
	const client = await PGlite.create({
		fs: new DurableNodeFS(pgDir),
		relaxedDurability: false,
		// the package starts with -F (no fsync), and its default way to sync the log does nothing in this runtime
		startParams: [
			...PGlite.defaultStartParams.filter((parameter) => parameter !== '-F'),
			...['-c', 'fsync=on', '-c', 'wal_sync_method=fsync']
		],
		...options
	});
	return takingTurns(client);
}
