import { execFileSync, spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { localPostgres } from './local-postgres.mjs';

/**
 * Every test beside the code, in Node's own runner; then those that ask a database once more, on a PostgreSQL server of their own.
 * It ends with the runner's summary.
 */
const listed = execFileSync('git', ['ls-files', '-co', '--exclude-standard', 'src'], {
	encoding: 'utf8'
});
const tests = listed.split('\n').filter((name) => name.endsWith('.test.ts'));
/** Tests of functions that keep nothing share a process: starting one for each would take longer than most of them. */
const isPure = (/** @type {string} */ name) =>
	/^src\/lib\/(core|present|schemas|formats|labels|workers|ui)\//.test(name);
const shared = tests.filter(isPure).flatMap((name) => ['--import', `./${name}`]);
const apart = ['--test', '--test-concurrency=2'];

/**
 * Runs tests and says what they said when they have ended.
 * @param {string[]} args
 * @param {Record<string, string>} settings
 * @returns {Promise<number>} the exit code
 */
const run = (args, settings = {}) =>
	new Promise((resolve, reject) => {
		let said = '';
		const child = spawn(process.execPath, ['--import', 'tsx', ...args], {
			stdio: ['ignore', 'pipe', 'pipe'],
			env: { ...process.env, ...settings }
		});
		for (const stream of [child.stdout, child.stderr]) stream.on('data', (data) => (said += data));
		child.on('error', reject);
		child.on('exit', (code) => {
			process.stdout.write(said);
			resolve(code ?? 1);
		});
	});
const spec = '--test-reporter=spec';

const codes = await Promise.all([
	run([spec, ...shared, '--eval', '']),
	run([spec, ...apart, ...tests.filter((name) => !isPure(name))])
]);
if (codes.every((code) => code === 0)) {
	const server = await localPostgres();
	try {
		const template = server.url('almacen_template');
		console.log('The same on a PostgreSQL server:');
		codes.push(await run(['scripts/prepare-server.ts'], { DATABASE_URL: template }));
		const asking = tests.filter((name) => readFileSync(name, 'utf8').includes('openTestDb'));
		codes.push(await run([spec, ...apart, ...asking], { ALMACEN_TEST_DATABASE_URL: template }));
	} finally {
		server.stop();
	}
}
process.exit(Math.max(...codes));
