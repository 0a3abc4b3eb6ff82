import { execFileSync, spawnSync } from 'node:child_process';
import { chmodSync, chownSync, mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createServer } from 'node:net';

/** Where Debian puts the server's programs; newest first. */
function programs() {
	const root = '/usr/lib/postgresql';
	const [newest] = readdirSync(root).sort((a, b) => Number(b) - Number(a));
	return join(root, newest, 'bin');
}

/** @returns {Promise<number>} */
const freePort = () =>
	new Promise((resolve) => {
		const probe = createServer().listen(0, '127.0.0.1', () => {
			const address = probe.address();
			const port = address && typeof address === 'object' ? address.port : 0;
			probe.close(() => resolve(port));
		});
	});

/**
 * A PostgreSQL server of its own on loopback, in a folder that goes with it, for tests and measurements (Debian's package postgresql;
 * as root it runs as its user postgres, as the server demands). Commits reach the disk as usual.
 */
export async function localPostgres() {
	const bin = programs();
	const dir = mkdtempSync(join(tmpdir(), 'almacen-postgres-'));
	const asRoot = process.getuid?.() === 0;
	if (asRoot) {
		const id = (/** @type {string} */ flag) =>
			Number(execFileSync('id', [flag, 'postgres'], { encoding: 'utf8' }));
		chownSync(dir, id('-u'), id('-g'));
	}
	chmodSync(dir, 0o700);
	const call = (/** @type {string} */ program, /** @type {string[]} */ args) => {
		const command = [join(bin, program), ...args];
		const [first, ...rest] = asRoot ? ['runuser', '-u', 'postgres', '--', ...command] : command;
		const { status, stderr } = spawnSync(first, rest, {
			cwd: '/',
			encoding: 'utf8',
			stdio: ['ignore', 'ignore', 'pipe']
		});
		if (status !== 0) throw new Error(`${program} ended with ${status}: ${stderr}`);
	};
	const data = join(dir, 'data');
	const port = await freePort();
	call('initdb', ['-D', data, '-U', 'almacen', '--auth=trust', '-E', 'UTF8', '--locale=C.UTF-8']);
	const options = `-p ${port} -h 127.0.0.1 -k ${dir} -c max_connections=300`;
	call('pg_ctl', ['-D', data, '-w', '-l', join(dir, 'log'), '-o', options, 'start']);
	return {
		url: (database = 'postgres') => `postgres://almacen@127.0.0.1:${port}/${database}`,
		stop: (mode = 'fast') => {
			call('pg_ctl', ['-D', data, '-w', '-m', mode, 'stop']);
			rmSync(dir, { recursive: true, force: true });
		},
		/** ends it as a crash does and starts it again */
		restart: () =>
			call('pg_ctl', [
				'-D',
				data,
				'-w',
				'-l',
				join(dir, 'log'),
				'-o',
				options,
				'-m',
				'immediate',
				'restart'
			])
	};
}
