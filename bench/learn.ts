import { rmSync } from 'node:fs';
import { spawnSync } from 'node:child_process';
import { isNotNull } from 'drizzle-orm';
import { addDays } from '../src/lib/core/units/day.ts';
import { openDatabase } from '../src/lib/server/db/open.ts';
import { cooks, packings, packs } from '../src/lib/server/db/schema/index.ts';
import { nextCode } from '../src/lib/server/writes/packs.ts';
import { answered, served } from './served.ts';
import { line, ms } from './timing.ts';

const dayMs = 86_400_000;
/** In five years so many packs and cooks. */
const [years, packsInAll, cooksInAll] = [5, 1500, 2500];

/** The demo household with a history of so many days, as dense as five years of 1,500 packs and 2,500 cooks. */
async function lived(dataDir: string, days: number): Promise<void> {
	rmSync(dataDir, { recursive: true, force: true });
	spawnSync(process.execPath, ['--import', 'tsx', 'scripts/load-demo.ts', dataDir]);
	const { db, close } = await openDatabase({
		dataDir,
		migrationsDir: 'drizzle',
		preparedDump: 'build/prepared/empty.tar.gz'
	});
	const known = await db.select().from(packings).where(isNotNull(packings.card));
	const [sample] = await db.select().from(packs);
	const share01 = days / (years * 365);
	const count = Math.round(packsInAll * share01);
	const cooksEach = cooksInAll / packsInAll;
	const today = new Date().toISOString().slice(0, 10);
	for (let n = 0; n < count; n += 4) {
		const { id: _id, ...values } = known[n % known.length];
		const agoDays = Math.round((days * (count - n)) / count);
		const packedOn = addDays(today, -agoDays);
		const [made] = await db
			.insert(packings)
			.values({ ...values, packedOn })
			.returning({ id: packings.id });
		for (let number = 1; number <= 4; number++) {
			const { id: _pack, ...row } = sample;
			const outMs = Date.now() - Math.max(1, agoDays - number * 9) * dayMs;
			const [pack] = await db
				.insert(packs)
				.values({
					...row,
					packingId: made.id,
					code: await nextCode(db),
					number,
					of: 4,
					status: 'cooked',
					cookedAtMs: outMs
				})
				.returning({ id: packs.id });
			const method = values.card?.options[(n + number) % (values.card.options.length || 1)]?.method;
			if (!method) continue;
			for (let c = 0; c < Math.round(cooksEach + (number % 2)); c++)
				await db.insert(cooks).values({
					packId: pack.id,
					atMs: outMs + c,
					method,
					route: 'frozen',
					setMin: 60 + (n % 50),
					coreC: number === 1 ? 62 : null,
					outcome: n % 3 === 0 ? 'over' : 'right',
					enough: 'enough'
				});
		}
	}
	await close();
}

/** Learn with five years of history against half a year, which the aim is twice. Needs `npm run build`. */
export async function benchLearn(): Promise<void> {
	const found: number[] = [];
	for (const [days, port] of [
		[182, 4877],
		[years * 365, 4878]
	]) {
		const dir = `data-bench-learn-${days}`;
		await lived(dir, days);
		const { base, stop } = await served(dir, port);
		found.push(await answered(`${base}/learn`));
		stop();
	}
	const [half, five] = found;
	line('learn, 5 years against half a year', ms(five), `${(five / half).toFixed(2)} x`, 'aim 2 x');
	for (const days of [182, years * 365])
		rmSync(`data-bench-learn-${days}`, {
			recursive: true,
			force: true,
			maxRetries: 60,
			retryDelay: 1000
		});
}
