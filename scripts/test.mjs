import { execFileSync } from 'node:child_process';
import { ensureBuild, ensurePackages, ensurePrograms, run } from './steps.mjs';

/** Everything that must hold, in one command; ends with the summary of Node's own test runner. */
ensurePackages();
ensurePrograms({ chromium: 'chromium', pdftoppm: 'poppler-utils' });
run('npm', ['run', '--silent', 'lint']);
run('npm', ['run', '--silent', 'check']);
run('npm', ['run', '--silent', 'depcruise']);
ensureBuild();
run('npx', ['playwright', 'test']);
run(process.execPath, ['--import', 'tsx', '--test', '--test-reporter=spec', ...unitTests()]);

function unitTests() {
	const listed = execFileSync('git', ['ls-files', '-co', '--exclude-standard', 'src'], {
		encoding: 'utf8'
	});
	return listed.split('\n').filter((name) => name.endsWith('.test.ts'));
}
