import { spawn } from 'node:child_process';
import { readdirSync, rmSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { server } from './server';

const dataDir = 'test-results/two-servers-data';

test('a second server on the same folder stops with a clear message; after kill -9 the next one starts, with the data', async () => {
	rmSync(dataDir, { recursive: true, force: true });
	const first = server(4821, dataDir);
	const running = [first.child];
	try {
		await first.answers();
		const household = `http://127.0.0.1:4821/household/freezers`;
		const form = new URLSearchParams({
			name: 'garage',
			volumeL: '120 L',
			setC: '-20',
			shelves: 'only one'
		});
		const saved = await fetch(`${household}?/freezer`, {
			method: 'POST',
			body: form,
			headers: { origin: 'http://127.0.0.1:4821' }
		});
		expect(saved.status).toBe(200);

		const second = server(4822, dataDir);
		running.push(second.child);
		expect(await second.ended).toBe(3);
		expect(second.said()).toContain('already running on the data folder');

		first.child.kill('SIGKILL');
		await first.ended;
		const third = server(4823, dataDir);
		running.push(third.child);
		await third.answers();
		expect(await (await fetch('http://127.0.0.1:4823/household/freezers')).text()).toContain(
			'garage'
		);

		third.child.kill('SIGTERM');
		expect(await third.ended).toBe(0);
	} finally {
		for (const child of running) child.kill('SIGKILL');
	}
});

test('kill -9 of npm ends the server it started, in order', async () => {
	const folder = 'test-results/started-by-npm-data';
	rmSync(folder, { recursive: true, force: true });
	const npm = spawn('npm', ['start'], {
		env: { ...process.env, ALMACEN_PORT: '4824', ALMACEN_DATA: folder },
		stdio: 'ignore'
	});
	const answers = () =>
		fetch('http://127.0.0.1:4824/health').then(
			() => true,
			() => false
		);
	await expect.poll(answers).toBe(true);
	npm.kill('SIGKILL');
	await expect.poll(answers).toBe(false);
	// closed as usual: its folder opens at once, and the copy of its closing is there
	await expect.poll(() => readdirSync(`${folder}/copies`).length).toBe(1);
	const next = server(4825, folder);
	await next.answers();
	next.child.kill('SIGTERM');
	expect(await next.ended).toBe(0);
});
