import { spawn, type ChildProcess } from 'node:child_process';
import { expect } from '@playwright/test';

/** The built server on a port and a data folder of its own choice; what it says is collected. */
export function server(port: number, dataDir: string, more: Record<string, string> = {}) {
	const child: ChildProcess = spawn(process.execPath, ['scripts/start.mjs'], {
		env: {
			...process.env,
			ALMACEN_PORT: String(port),
			ALMACEN_DATA: dataDir,
			...more
		}
	});
	let said = '';
	child.stderr?.on('data', (data: Buffer) => (said += data));
	child.stdout?.on('data', (data: Buffer) => (said += data));
	const ended = new Promise<number | null>((resolve) =>
		child.once('exit', (code) => resolve(code))
	);
	const answers = () =>
		expect
			.poll(
				async () => (await fetch(`http://127.0.0.1:${port}/health`).catch(() => null))?.status,
				{ timeout: 30_000 }
			)
			.toBe(200);
	return { child, ended, answers, said: () => said };
}
