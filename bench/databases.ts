import { execFileSync } from 'node:child_process';
import { localPostgres } from '../scripts/local-postgres.mjs';
import { demoFolder, dropFolders } from './demo-folder.ts';
import { served } from './served.ts';
import { line, ms } from './timing.ts';

const dataDir = 'data-bench-database';
const forMs = 8_000;

/** So many clients ask for one page again and again: answers a second, and the median time of one, ms. */
async function asked(url: string, clients: number): Promise<{ perS: number; medianMs: number }> {
	await (await fetch(url)).text();
	const times: number[] = [];
	const untilMs = performance.now() + forMs;
	const client = async () => {
		while (performance.now() < untilMs) {
			const from = performance.now();
			await (await fetch(url)).text();
			times.push(performance.now() - from);
		}
	};
	await Promise.all(Array.from({ length: clients }, client));
	times.sort((a, b) => a - b);
	return { perS: times.length / (forMs / 1000), medianMs: times[Math.floor(times.length / 2)] };
}

/** The embedded database against a PostgreSQL server, the same household, at 1, 20 and 200 clients. */
export async function benchDatabases(): Promise<void> {
	await demoFolder(dataDir, async () => undefined);
	const postgres = await localPostgres();
	try {
		const settings = { DATABASE_URL: postgres.url('almacen') };
		const env = { ...process.env, ...settings, ALMACEN_DATA: dataDir };
		for (const args of [['scripts/prepare-server.ts'], ['scripts/move.ts', 'to-server']])
			execFileSync(process.execPath, ['--import', 'tsx', ...args], { env, stdio: 'ignore' });
		const embedded = await served(dataDir, 4873);
		const server = await served(`${dataDir}-shared`, 4874, settings);
		for (const path of ['/household', '/freezer'])
			for (const clients of [1, 20, 200]) {
				const base = await asked(embedded.base + path, clients);
				const on = await asked(server.base + path, clients);
				line(
					`${path}, ${clients} clients, server against embedded`,
					`${ms(on.medianMs)} against ${ms(base.medianMs)}`,
					`${(on.medianMs / base.medianMs).toFixed(2)} ×`,
					`${on.perS.toFixed(0)} against ${base.perS.toFixed(0)} answers/s`
				);
			}
		await embedded.stop();
		await server.stop();
	} finally {
		postgres.stop('immediate');
		dropFolders([dataDir, `${dataDir}-shared`]);
	}
}
