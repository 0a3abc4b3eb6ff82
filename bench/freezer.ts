import { rmSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { sql } from 'drizzle-orm';
import { openDatabase } from '../src/lib/server/db/open.ts';
import { packs } from '../src/lib/server/db/schema/index.ts';
import { listFreezers } from '../src/lib/server/queries/household.ts';
import { addFreezer, saveHousehold } from '../src/lib/server/writes/household.ts';
import { nextCode } from '../src/lib/server/writes/packs.ts';
import { served } from './served.ts';
import { writeDown } from '../src/lib/server/services/packs/write-down.ts';

const names = ['goulash', 'dal', 'tagine', 'ragù', 'plum bake', 'chard stew', 'peas', 'rye bread'];

/** A freezer with so many packs, as a household's own data folder. */
export async function household(dataDir: string, count: number): Promise<void> {
	rmSync(dataDir, { recursive: true, force: true });
	const { db, close } = await openDatabase({
		dataDir,
		migrationsDir: 'drizzle',
		preparedDump: 'build/prepared/empty.tar.gz'
	});
	const nowMs = Date.now();
	await saveHousehold(db, { settledAtMs: nowMs });
	for (const name of ['chest', 'kitchen'])
		await addFreezer(db, { name, volumeL: 600, setC: -18, shelves: ['top', 'middle', 'floor'] });
	const shelves = (await listFreezers(db)).flatMap((freezer) => freezer.shelves);
	const things = Array.from({ length: 40 }, (_, i) => ({
		name: `${names[i % names.length]} ${i}`,
		count: 1,
		servings: 2 + (i % 4),
		massKg: 0.5 + (i % 5) / 5,
		state: 'cooked' as const,
		group: 'soup-stew' as const,
		shelfId: shelves[i % shelves.length].id,
		frozen: { day: `2026-0${1 + (i % 9)}-1${i % 9}`, known: 'day' as const }
	}));
	await writeDown(db, things, nowMs);
	const first = await db.select().from(packs);
	for (let from = first.length; from < count; from += 500) {
		const rows = [];
		for (let i = from; i < Math.min(count, from + 500); i++) {
			const { id: _, ...row } = first[i % first.length];
			rows.push({ ...row, code: await nextCode(db), shelfId: shelves[i % shelves.length].id });
		}
		await db.insert(packs).values(rows);
	}
	await db.execute(sql`analyze`);
	await close();
}

/** Milliseconds as a cook sees them: list and shelf picture drawn, and a search answered. */
async function seen(dataDir: string, port: number) {
	const { base, stop } = await served(dataDir, port);
	const browser = await chromium.launch({
		executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
		args: ['--no-sandbox', '--disable-dev-shm-usage']
	});
	try {
		const page = await browser.newPage();
		const list: number[] = [];
		const search: number[] = [];
		for (let round = 0; round < 6; round++) {
			let from = performance.now();
			await page.goto(`${base}/freezer`);
			await page.locator('.slabs a').first().waitFor();
			await page.locator('tbody tr').first().waitFor();
			list.push(performance.now() - from);
			// the page listens once it has come alive
			await page.waitForTimeout(400);
			const word = names[round % names.length];
			from = performance.now();
			await page.locator('#q').fill(word);
			await page.waitForURL(/q=/);
			await page.locator('tbody tr', { hasText: word }).first().waitFor();
			search.push(performance.now() - from);
		}
		const middle = (all: number[]) => all.slice(1).sort((a, b) => a - b)[2];
		return { list: middle(list), search: middle(search) };
	} finally {
		await browser.close();
		await stop();
	}
}

/** 5,000 packs against 200, in the browser: the aim is three times. Needs `npm run build`. */
export async function benchFreezer(): Promise<void> {
	const [small, large] = ['data-bench-200', 'data-bench-5000'];
	await household(small, 200);
	await household(large, 5000);
	const few = await seen(small, 4871);
	const many = await seen(large, 4872);
	for (const what of ['list', 'search'] as const)
		console.log(
			`freezer ${what === 'list' ? 'list and shelf picture' : 'search as you type'}: ${Math.round(many[what])} ms with 5,000 packs, ${(many[what] / few[what]).toFixed(2)} times 200 packs (${Math.round(few[what])} ms); aim 3 times`
		);
	for (const folder of [small, large]) rmSync(folder, { recursive: true, force: true });
}
