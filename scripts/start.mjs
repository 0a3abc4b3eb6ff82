import { spawn } from 'node:child_process';

/**
 * Starts the built server: ALMACEN_HOST (127.0.0.1), ALMACEN_PORT (4780), ALMACEN_DATA (data). The server ends with this
 * process, and this with the server.
 */
export function startServer(settings = {}) {
	const host = process.env.ALMACEN_HOST || '127.0.0.1';
	const port = process.env.ALMACEN_PORT || '4780';
	const address = `http://${host}:${port}`;
	const child = spawn(process.execPath, ['build'], {
		stdio: 'inherit',
		env: {
			SHUTDOWN_TIMEOUT: '5',
			// a paste of a few megabytes is refused in words by the form, not by the transport
			BODY_SIZE_LIMIT: '6M',
			ORIGIN: process.env.ALMACEN_ORIGIN || address,
			...process.env,
			HOST: host,
			PORT: port,
			...settings
		}
	});
	for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill('SIGTERM'));
	child.on('exit', (code) => process.exit(code ?? 1));
	return { address };
}

if (process.argv[1]?.endsWith('start.mjs')) {
	const { address } = startServer();
	console.log(`Almacen: ${address}`);
}
