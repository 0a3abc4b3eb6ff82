import { execFileSync, spawnSync } from 'node:child_process';
import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { cpus, tmpdir } from 'node:os';
import { join } from 'node:path';
import { localPostgres } from './local-postgres.mjs';
import { fullDisk, kills, powerCuts } from './soak/cuts.ts';
import { damaged } from './soak/damaged.ts';
import { load } from './soak/load.ts';
import type { Row } from './soak/row.ts';
import { doubleTaps } from './soak/taps.ts';
import { TriedServer } from './soak/tried-server.ts';

/**
 * `npm run soak` tries for an hour what `npm test` tries for seconds, and writes what came of it into docs/reliability.md;
 * `npm run soak -- PART` (cuts, kills, full, damage, fuzz, taps, server-taps, load, server) runs one and prints it. Power cuts and the full disk need
 * root (a loop-mounted disk).
 */
const root = mkdtempSync(join(tmpdir(), 'almacen-soak-'));
const template = join(root, 'template');
console.log('Loading the demo household …');
execFileSync(process.execPath, ['--import', 'tsx', 'scripts/load-demo.ts', template], {
	stdio: 'ignore'
});

const inputs = 20_000;
const users = 50;
const minutes = Number(process.env.ALMACEN_SOAK_MINUTES) || 10;

async function fuzzed(): Promise<Row> {
	const { status } = spawnSync(
		process.execPath,
		['--import', 'tsx', '--test', 'src/routes/fuzz.test.ts'],
		{
			env: { ...process.env, ALMACEN_FUZZ: String(inputs), ALMACEN_FUZZ_SEED: '18' },
			stdio: 'ignore'
		}
	);
	return {
		tried: 'random input to every page, action and endpoint',
		times: String(inputs),
		survived:
			status === 0 ? 'all taken or refused in words, none over a second' : 'NOT ALL: see npm test',
		lost: 'nothing: what is stored reads back'
	};
}

const byItself = 'embedded database, one process';
const shared = 'PostgreSQL server, two processes';

async function onFolder(
	name: string,
	what: (servers: TriedServer[]) => Promise<Row>
): Promise<Row> {
	const dataDir = join(root, name);
	cpSync(template, dataDir, { recursive: true });
	const server = new TriedServer(dataDir, 4842);
	await server.start();
	const row = await what([server]);
	await server.end('SIGTERM');
	return row;
}

async function onServer(what: (servers: TriedServer[]) => Promise<Row>): Promise<Row> {
	const postgres = await localPostgres();
	try {
		const url = postgres.url('almacen');
		const settings = { DATABASE_URL: url };
		const env = { ...process.env, ...settings, ALMACEN_DATA: template };
		for (const args of [['scripts/prepare-server.ts'], ['scripts/move.ts', 'to-server']])
			execFileSync(process.execPath, ['--import', 'tsx', ...args], { env, stdio: 'ignore' });
		const dataDir = join(root, 'shared');
		const servers = [4843, 4844].map((port) => new TriedServer(dataDir, port, settings));
		for (const server of servers) await server.start();
		const row = await what(servers);
		for (const server of servers) await server.end('SIGTERM');
		return row;
	} finally {
		postgres.stop();
	}
}

const parts: Record<string, () => Promise<Row>> = {
	cuts: () => powerCuts(template, 20),
	kills: () => kills(template, 100),
	full: () => fullDisk(template),
	damage: () => damaged(template),
	fuzz: fuzzed,
	taps: () => onFolder('taps', (servers) => doubleTaps(servers, 20, byItself)),
	'server-taps': () => onServer((servers) => doubleTaps(servers, 20, shared)),
	load: () => onFolder('load', (servers) => load(servers, users, minutes * 60, byItself)),
	server: () => onServer((servers) => load(servers, users, minutes * 60, shared))
};

const cell = (text: string) => text.replaceAll('|', '\\|');
const line = (row: Row) =>
	`| ${[row.tried, row.times, row.survived, row.lost].map(cell).join(' | ')} |`;
const only = process.argv[2];
const rows: Row[] = [];
for (const [name, run] of Object.entries(parts)) {
	if (only && only !== name) continue;
	console.log(`${name} …`);
	const row = await run();
	rows.push(row);
	console.log(line(row));
}
rmSync(root, { recursive: true, force: true });

if (!only) {
	const path = 'docs/reliability.md';
	const [before] = readFileSync(path, 'utf8').split('<!-- soak -->');
	const day = new Date().toISOString().slice(0, 10);
	const table = [
		`Made by \`npm run soak\` on ${day}, Node ${process.versions.node}, ${cpus().length} cores (${cpus()[0].model.trim()}):`,
		'',
		'| tried | how often | survived | lost |',
		'| --- | --- | --- | --- |',
		...rows.map(line)
	].join('\n');
	writeFileSync(path, `${before}<!-- soak -->\n\n${table}\n`);
	spawnSync('npx', ['prettier', '--write', path], { stdio: 'ignore' });
}
