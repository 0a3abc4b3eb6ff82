import { spawn } from 'node:child_process';
import { once } from 'node:events';

/** The built server on a data folder, once it answers, and how it is stopped. */
export async function served(dataDir: string, port: number, settings: Record<string, string> = {}) {
	const child = spawn(process.execPath, ['scripts/start.mjs'], {
		env: {
			...process.env,
			ALMACEN_PORT: String(port),
			ALMACEN_DATA: dataDir,
			ALMACEN_LOG: 'error',
			...settings
		}
	});
	const base = `http://127.0.0.1:${port}`;
	for (let i = 0; i < 300; i++) {
		if ((await fetch(`${base}/health`).catch(() => null))?.ok) break;
		await new Promise((resolve) => setTimeout(resolve, 100));
	}
	const ended = once(child, 'exit');
	/** until it has made its safe copy and ended */
	const stop = async () => {
		child.kill('SIGTERM');
		await ended;
	};
	return { base, stop };
}

/** Median ms of an answer, after some to warm up: all of it, or (`begun`) until what does not come later is there. */
export async function answered(url: string, { begun = false } = {}): Promise<number> {
	const times: number[] = [];
	for (let i = 0; i < 12; i++) {
		const from = performance.now();
		const reader = (await fetch(url)).body!.getReader();
		let isThere = (await reader.read()).done;
		if (begun) times.push(performance.now() - from);
		while (!isThere) isThere = (await reader.read()).done;
		if (!begun) times.push(performance.now() - from);
	}
	return times.slice(3).sort((a, b) => a - b)[4];
}
