import { rmSync } from 'node:fs';
import { spawnSync } from 'node:child_process';
import { isNotNull } from 'drizzle-orm';
import { openDatabase } from '../src/lib/server/db/open.ts';
import { packings, packs } from '../src/lib/server/db/schema/index.ts';
import { nextCode } from '../src/lib/server/writes/packs.ts';
import { answered, served } from './served.ts';
import { line, ms } from './timing.ts';

/** Packs of a packing, as a batch makes them. */
const each = 4;
const aimMs = 300;

/** The demo household with so many packs, four a packing, every packing with its own cook card. */
async function stocked(dataDir: string, count: number): Promise<void> {
	rmSync(dataDir, { recursive: true, force: true });
	spawnSync(process.execPath, ['--import', 'tsx', 'scripts/load-demo.ts', dataDir]);
	const { db, close } = await openDatabase({
		dataDir,
		migrationsDir: 'drizzle',
		preparedDump: 'build/prepared/empty.tar.gz'
	});
	const known = await db.select().from(packings).where(isNotNull(packings.card));
	const [pack] = await db.select().from(packs);
	const there = (await db.select().from(packs)).length;
	for (let n = there; n < count; n += each) {
		const { id: _id, ...values } = known[n % known.length];
		const [made] = await db.insert(packings).values(values).returning({ id: packings.id });
		for (let number = 1; number <= each; number++) {
			const { id: _pack, ...row } = pack;
			await db.insert(packs).values({
				...row,
				packingId: made.id,
				code: await nextCode(db),
				number,
				of: each,
				status: 'frozen'
			});
		}
	}
	await close();
}

/** What can we eat by 18:30: 500 packs against 50, which the aim is twice. Needs `npm run build`. */
export async function benchTable(): Promise<void> {
	const found: number[] = [];
	for (const [count, port] of [
		[50, 4875],
		[500, 4876]
	]) {
		const dir = `data-bench-table-${count}`;
		await stocked(dir, count);
		const { base, stop } = await served(dir, port);
		found.push(await answered(`${base}/table?by=18:30`));
		stop();
	}
	const [few, many] = found;
	line(
		'table, 500 packs against 50',
		`${ms(many)} (aim ${aimMs})`,
		`${(many / few).toFixed(2)} x`,
		'aim 2 x'
	);
	// a server closes its folder in its own time
	for (const count of [50, 500])
		rmSync(`data-bench-table-${count}`, {
			recursive: true,
			force: true,
			maxRetries: 60,
			retryDelay: 1000
		});
}
