import { spawn } from 'node:child_process';
import { ensurePackages, ensurePrograms, isBuilt, run } from './steps.mjs';

/**
 * Everything that must hold, in one command. What reads the sources runs beside what runs the build: two cores have two lanes.
 * What a lane said is shown whole when it ends; the last words are the summary of Node's own test runner.
 */
ensurePackages();
ensurePrograms({
	chromium: 'chromium',
	pdftoppm: 'poppler-utils',
	pg_ctlcluster: 'postgresql',
	openssl: 'openssl'
});
run('npx', ['svelte-kit', 'sync']);

const begunMs = Date.now();
const seconds = () => `${Math.round((Date.now() - begunMs) / 1000)} s`;

/** Runs a step and gives what it said; throws that when it failed. */
function step(name, command, args) {
	return new Promise((resolve, reject) => {
		let said = '';
		const child = spawn(command, args, { stdio: ['ignore', 'pipe', 'pipe'] });
		for (const stream of [child.stdout, child.stderr]) stream.on('data', (data) => (said += data));
		child.on('error', reject);
		child.on('exit', (code) => {
			console.log(`${code === 0 ? 'holds' : 'FAILS'}  ${name} (after ${seconds()})`);
			if (code === 0) resolve(said);
			else reject(new Error(`${name}\n${said}`));
		});
	});
}
const npm = (script) => step(script, 'npm', ['run', '--silent', script]);

/** The tests beside the code start from what the build prepares; everything before them reads the sources only. */
async function sources(built) {
	await npm('lint');
	await npm('check');
	await npm('depcruise');
	await built;
	return npm('test:unit');
}
async function journeys(built) {
	await built;
	return npm('test:e2e');
}
const built = isBuilt() ? Promise.resolve() : npm('build');
const lanes = await Promise.allSettled([journeys(built), sources(built)]);
for (const lane of lanes) {
	if (lane.status === 'rejected') console.error(lane.reason.message);
	else console.log(lane.value);
}
process.exit(lanes.every(({ status }) => status === 'fulfilled') ? 0 : 1);
