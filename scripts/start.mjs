/**
 * Starts the built server in this process, so that ending it ends the server: ALMACEN_HOST (127.0.0.1), ALMACEN_PORT (4780),
 * ALMACEN_DATA (data), ALMACEN_ORIGIN (further addresses it is called by), DATABASE_URL (a PostgreSQL server in place of the data
 * folder's database). `--home` serves other devices by https (docs/at-home.md).
 */
export async function startServer(settings = {}) {
	Object.assign(process.env, settings);
	await import('../build/node/entry.js');
	const host = process.env.ALMACEN_HOST || '127.0.0.1';
	const port = process.env.ALMACEN_PORT || '4780';
	return { address: `http://${host}:${port}` };
}

if (process.argv[1]?.endsWith('start.mjs')) await startServer();
