import { spawn } from 'node:child_process';

/** The built server on a data folder, once it answers. */
export async function served(dataDir: string, port: number) {
	const child = spawn(process.execPath, ['scripts/start.mjs'], {
		env: { ...process.env, ALMACEN_PORT: String(port), ALMACEN_DATA: dataDir }
	});
	const base = `http://127.0.0.1:${port}`;
	for (let i = 0; i < 300; i++) {
		if ((await fetch(`${base}/health`).catch(() => null))?.ok) break;
		await new Promise((resolve) => setTimeout(resolve, 100));
	}
	return { base, stop: () => child.kill('SIGTERM') };
}
