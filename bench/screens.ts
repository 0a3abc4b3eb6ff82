import { spawnSync } from 'node:child_process';
import { rmSync } from 'node:fs';
import { chromium, type Page } from '@playwright/test';
import { household } from './freezer.ts';
import { served } from './served.ts';
import { line } from './timing.ts';

const aimKb = 120;
const aimTimes = 3;
/** A page with nothing of its own but one question to the database behind its frame. */
const bare = '/freezer/scan';

async function addresses(page: Page, base: string): Promise<string[]> {
	const first = async (at: string, pattern: RegExp) => {
		await page.goto(base + at);
		const all = await page
			.locator('a')
			.evaluateAll((links) => links.map((a) => a.getAttribute('href')));
		return all.find((href) => href && pattern.test(href)) ?? null;
	};
	const day = (await first('/menu', /^\/menu\/day\/\d+$/))?.split('/').at(-1);
	return [
		'/menu',
		await first('/menu', /^\/menu\/\d+$/),
		...(day ? [`/menu/day/${day}`, `/shop/${day}`, `/prep/${day}`, `/prep/${day}/run`] : []),
		'/cool',
		await first('/cool', /^\/cool\/\d+$/),
		'/pack',
		'/freezer',
		await first('/freezer', /^\/freezer\/[A-Z0-9]{4,7}$/),
		'/table',
		await first('/table', /^\/table\/[A-Z0-9]+/),
		'/household',
		'/start'
	].filter((address) => address !== null);
}

/** Compressed script and style that a first load fetches, kB. */
async function firstLoadKb(page: Page, address: string): Promise<number> {
	let bytes = 0;
	const sizes: Promise<void>[] = [];
	page.on('requestfinished', (request) => {
		if (!['script', 'stylesheet'].includes(request.resourceType())) return;
		sizes.push(request.sizes().then(({ responseBodySize }) => void (bytes += responseBodySize)));
	});
	await page.goto(address, { waitUntil: 'networkidle' });
	page.removeAllListeners('requestfinished');
	await Promise.all(sizes);
	return bytes / 1000;
}

/** Milliseconds until the server's answer begins: the median of some. */
async function firstByteMs(address: string): Promise<number> {
	const times: number[] = [];
	for (let i = 0; i < 12; i++) {
		const from = performance.now();
		const answer = await fetch(address);
		times.push(performance.now() - from);
		await answer.arrayBuffer();
	}
	return times.slice(2).sort((a, b) => a - b)[5];
}

async function measured(dataDir: string, port: number) {
	const { base, stop } = await served(dataDir, port);
	const browser = await chromium.launch({
		executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
		args: ['--no-sandbox', '--disable-dev-shm-usage']
	});
	try {
		const found = await addresses(await browser.newPage(), base);
		const bareMs = await firstByteMs(base + bare);
		const rows = [];
		for (const address of found) {
			const context = await browser.newContext();
			const kb = await firstLoadKb(await context.newPage(), base + address);
			await context.close();
			rows.push({ address, kb, ms: await firstByteMs(base + address), bareMs });
		}
		return rows;
	} finally {
		await browser.close();
		await stop();
	}
}

/** What each screen costs: bytes of its first load, and the server's time against a bare page; with the demo and with 5,000 packs. */
export async function benchScreens(): Promise<void> {
	const [demo, large] = ['data-bench-demo', 'data-bench-screens'];
	rmSync(demo, { recursive: true, force: true });
	spawnSync(process.execPath, ['--import', 'tsx', 'scripts/load-demo.ts', demo]);
	await household(large, 5000);
	for (const [name, dir, port] of [
		['demo', demo, 4873],
		['5,000 packs', large, 4874]
	] as const)
		for (const { address, kb, ms, bareMs } of await measured(dir, port))
			line(
				`${name} ${address}`,
				`${kb.toFixed(0)} kB${kb > aimKb ? ` (aim ${aimKb})` : ''}`,
				`${ms.toFixed(0)} ms`,
				`${(ms / bareMs).toFixed(2)} x bare${ms > aimTimes * bareMs ? ` (aim ${aimTimes})` : ''}`
			);
	for (const folder of [demo, large]) rmSync(folder, { recursive: true, force: true });
}
