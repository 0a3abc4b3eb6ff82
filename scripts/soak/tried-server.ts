import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { addProgram } from '../../src/lib/server/access/programs.ts';

/** The built server on a data folder, with a program's token to write by. */
export class TriedServer {
	private child: ChildProcess | null = null;
	private token = '';
	said = '';
	readonly base: string;

	constructor(
		readonly dataDir: string,
		private readonly port: number,
		private readonly settings: Record<string, string> = {}
	) {
		this.base = `http://127.0.0.1:${port}`;
	}

	/** Starts it, and waits until it answers; false when it ended instead. */
	async start(): Promise<boolean> {
		const child = spawn(process.execPath, ['scripts/start.mjs'], {
			env: {
				...process.env,
				ALMACEN_PORT: String(this.port),
				ALMACEN_DATA: this.dataDir,
				ALMACEN_LOG: 'error',
				...this.settings
			}
		});
		this.child = child;
		for (const stream of [child.stdout, child.stderr])
			stream.on('data', (data) => (this.said += data));
		while (child.exitCode === null) {
			if ((await fetch(`${this.base}/health`).catch(() => null))?.ok) {
				this.token ||= (await addProgram(this.dataDir, 'soak', Date.now())) ?? '';
				return true;
			}
			await new Promise((resolve) => setTimeout(resolve, 50));
		}
		return false;
	}

	async end(signal: NodeJS.Signals): Promise<void> {
		const child = this.child;
		if (!child || child.exitCode !== null || child.signalCode !== null) return;
		child.kill(signal);
		await once(child, 'exit');
	}
	pause = () => void this.child?.kill('SIGSTOP');

	/** Writes a reading of the first freezer at a moment of its own; the status it was answered with, or 0 when it was cut off. */
	async write(atMs: number): Promise<number> {
		return fetch(`${this.base}/api/v1/freezers/1/readings`, {
			method: 'POST',
			headers: { 'content-type': 'application/json', authorization: `Bearer ${this.token}` },
			body: JSON.stringify({ readings: [{ atMs, tempC: -18 }] })
		}).then(
			async (answer) => (await answer.text(), answer.status),
			() => 0
		);
	}

	/** The moments of all readings that are kept. */
	async kept(): Promise<Set<number>> {
		const file = (await (await fetch(`${this.base}/export.json`)).json()) as {
			tables: { freezerReadings: { atMs: number }[] };
		};
		return new Set(file.tables.freezerReadings.map(({ atMs }) => atMs));
	}
}

/** Writes one after the other until told to stop; the moments that were acknowledged. */
export function writing(
	server: TriedServer,
	fromMs: number
): { acknowledged: number[]; stop(): Promise<void> } {
	const acknowledged: number[] = [];
	let going = true;
	const done = (async () => {
		for (let n = 0; going; n++) {
			const atMs = fromMs + n * 1000;
			const status = await server.write(atMs);
			if (status === 200) acknowledged.push(atMs);
			else if (status === 0) return;
		}
	})();
	return { acknowledged, stop: () => ((going = false), done) };
}

/** How many of the moments are not there. */
export const lostOf = (kept: ReadonlySet<number>, acknowledged: readonly number[]): number =>
	acknowledged.filter((atMs) => !kept.has(atMs)).length;

export const pauseMs = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
