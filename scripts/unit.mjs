import { execFileSync, spawnSync } from 'node:child_process';
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
const runner = ['--import', 'tsx', '--test', '--test-concurrency=2', '--test-reporter=spec'];

const run = (args, settings = {}) =>
	spawnSync(process.execPath, args, { stdio: 'inherit', env: { ...process.env, ...settings } })
		.status ?? 1;

let status = run([...runner, ...tests]);
if (status === 0) {
	const server = await localPostgres();
	try {
		const template = server.url('almacen_template');
		console.log('The same on a PostgreSQL server:');
		status =
			run(['--import', 'tsx', 'scripts/prepare-server.ts'], { DATABASE_URL: template }) ||
			run(
				[...runner, ...tests.filter((name) => readFileSync(name, 'utf8').includes('openTestDb'))],
				{
					ALMACEN_TEST_DATABASE_URL: template
				}
			);
	} finally {
		server.stop();
	}
}
process.exit(status);
