import { spawnSync } from 'node:child_process';

export default function globalSetup(): void {
	const { status } = spawnSync(process.execPath, ['--import', 'tsx', 'e2e/prepare.ts'], {
		stdio: ['ignore', 'inherit', 'inherit']
	});
	if (status !== 0) throw new Error('the data folders of the browser tests could not be made');
}
