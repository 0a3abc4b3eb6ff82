/**
 * Starts the built server in this process, so that ending it ends the server: ALMACEN_HOST (127.0.0.1), ALMACEN_PORT (4780),
 * ALMACEN_DATA (data), ALMACEN_ORIGIN (further addresses it is called by), DATABASE_URL (a PostgreSQL server in place of the data
 * folder's database). `--home` serves other devices by https (docs/at-home.md).
 */
export async function startServer(settings = {}) {
	endWithStarter();
	Object.assign(process.env, settings);
	await import('../build/node/entry.js');
	const host = process.env.ALMACEN_HOST || '127.0.0.1';
	const port = process.env.ALMACEN_PORT || '4780';
	return { address: `http://${host}:${port}` };
}

/** Started by npm, it ends in order when npm is gone, however that ended: nobody would know any more that it runs. */
function endWithStarter() {
	if (!process.env.npm_lifecycle_event) return;
	const starter = process.ppid;
	setInterval(() => {
		if (process.ppid !== starter) process.kill(process.pid, 'SIGTERM');
	}, 500).unref();
}

if (process.argv[1]?.endsWith('start.mjs')) await startServer();
