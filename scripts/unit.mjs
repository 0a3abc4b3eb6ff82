import { execFileSync } from 'node:child_process';
import { run } from './steps.mjs';

/** Every test beside the code, in Node's own runner; it ends with the runner's summary. */
const listed = execFileSync('git', ['ls-files', '-co', '--exclude-standard', 'src'], {
	encoding: 'utf8'
});
const tests = listed.split('\n').filter((name) => name.endsWith('.test.ts'));
run(process.execPath, [
	'--import',
	'tsx',
	'--test',
	'--test-concurrency=2',
	'--test-reporter=spec',
	...tests
]);
