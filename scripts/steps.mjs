import { spawnSync } from 'node:child_process';
import { existsSync, readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';

/** Plain JavaScript and Node only: runs before anything is installed. */

/** Runs a command with its output shown; ends this process when it fails. */
export function run(command, args, options = {}) {
	console.log(`> ${[command, ...args].join(' ')}`);
	const { status } = spawnSync(command, args, { stdio: 'inherit', ...options });
	if (status !== 0) process.exit(status ?? 1);
}

const newestMs = (path) =>
	!existsSync(path)
		? 0
		: statSync(path).isDirectory()
			? Math.max(0, ...readdirSync(path).map((name) => newestMs(join(path, name))))
			: statSync(path).mtimeMs;

/** Installs the packages when they are missing or older than the lock file. */
export function ensurePackages() {
	const mark = 'node_modules/.package-lock.json';
	if (!existsSync(mark) || newestMs(mark) < newestMs('package-lock.json')) run('npm', ['ci']);
}

/** Whether there is a build, and no source is newer. */
export function isBuilt() {
	const sources = [
		'src',
		'static',
		'drizzle',
		'vite.config.ts',
		'vite.node.config.ts',
		'svelte.config.js',
		'package-lock.json'
	];
	const built = newestMs('build/prepared');
	return built > 0 && sources.every((path) => newestMs(path) <= built);
}

/** Builds when there is no build or a source is newer. */
export function ensureBuild() {
	if (!isBuilt()) run('npm', ['run', 'build']);
}

/** Installs Debian's packages whose program is missing (as root; otherwise says what to install). */
export function ensurePrograms(programs) {
	const missing = Object.entries(programs).filter(
		([program]) => spawnSync('sh', ['-c', `command -v ${program}`]).status !== 0
	);
	if (missing.length === 0) return;
	const packages = missing.map(([, name]) => name);
	if (process.getuid?.() !== 0) {
		console.error(
			`Missing: install ${packages.join(' ')} (apt-get install ${packages.join(' ')}).`
		);
		process.exit(1);
	}
	run('apt-get', ['update', '-qq']);
	run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', ...packages], {
		env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' }
	});
}
