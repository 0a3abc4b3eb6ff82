import { closeSync, fdatasyncSync, fsyncSync, openSync } from 'node:fs';
import { PGlite, type PGliteOptions } from '@electric-sql/pglite';
import { amcheck } from '@electric-sql/pglite/contrib/amcheck';
import { NodeFS } from '@electric-sql/pglite/nodefs';
import { takingTurns } from './take-turns.ts';

/** What the file layer of the database's own runtime looks like, as far as it is touched here. */
interface HostFileLayer {
	NODEFS: {
		realPath(node: unknown): string;
		stream_ops: {
			fsync?: (stream: { nfd?: number; node: unknown }) => number;
			open: (...args: never[]) => unknown;
			read: (...args: never[]) => unknown;
			write: (...args: never[]) => unknown;
		};
	};
}

/** Numbers the runtime has for errors of the host. */
const errno = { EINTR: 27, EIO: 29, ENODEV: 43, ENOSPC: 51, ENXIO: 60, EROFS: 69 } as const;
/** After these nothing that the disk says or is told can be relied on; a full disk is not among them: there room can be made. */
const fatal: ReadonlySet<unknown> = new Set([errno.EIO, errno.ENODEV, errno.ENXIO, errno.EROFS]);

/** The disk under the database failed: nothing more may be acknowledged. */
export class DiskFailed extends Error {
	constructor(dir: string, why: string) {
		super(
			`The disk under ${dir} failed (${why}). Almacen stops, so that nothing more is said to be kept. What was acknowledged before is there. ` +
				'Look at the disk (dmesg); then start again, or put the last proven copy back on another disk: npm run restore'
		);
		this.name = 'DiskFailed';
	}
}

/** How the process ends when its disk has failed. */
export const diskFailedCode = 10;

/** At once: whoever waits for an answer gets none. */
function endAtOnce(error: DiskFailed): never {
	console.error(error.message);
	process.exit(diskFailedCode);
}

/**
 * The database's folder on the host, with an fsync that reaches the disk. The layer that comes with the package has none: what
 * PostgreSQL flushes at a commit and at a checkpoint stays in the system's cache, and a power cut loses it.
 */
export class DurableNodeFS extends NodeFS {
	constructor(
		private readonly dir: string,
		private readonly failed: (error: DiskFailed) => void = endAtOnce
	) {
		super(dir);
	}

	override async init(...args: Parameters<NodeFS['init']>): ReturnType<NodeFS['init']> {
		const made = await super.init(...args);
		(made.emscriptenOpts.preRun as ((runtime: HostFileLayer) => void)[]).push(({ NODEFS }) => {
			NODEFS.stream_ops.fsync = (stream) => {
				try {
					if (stream.nfd === undefined) syncPath(NODEFS.realPath(stream.node));
					else fdatasyncSync(stream.nfd);
					return 0;
				} catch (error) {
					const said = hostError(error as NodeJS.ErrnoException);
					if (fatal.has(said)) this.failed(new DiskFailed(this.dir, (error as Error).message));
					return said;
				}
			};
			for (const name of ['open', 'read', 'write'] as const) {
				const does = NODEFS.stream_ops[name];
				NODEFS.stream_ops[name] = (...args) => {
					try {
						return does(...args);
					} catch (error) {
						const said = (error as { errno?: unknown }).errno;
						if (fatal.has(said))
							this.failed(new DiskFailed(this.dir, `${name}: error ${String(said)}`));
						throw error;
					}
				};
			}
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
	return code && Object.hasOwn(errno, code) ? errno[code as keyof typeof errno] : errno.EIO;
}

/** Opens (or makes) a database folder whose commits are on the disk before they are acknowledged. When its disk fails the process ends, or `failed` is called. */
export async function openDurable(
	pgDir: string,
	options: Pick<PGliteOptions, 'loadDataDir'> = {},
	failed?: (error: DiskFailed) => void
): Promise<PGlite> {
	const client = await PGlite.create({
		fs: new DurableNodeFS(pgDir, failed),
		extensions: { amcheck },
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
