import { sql } from 'drizzle-orm';
import { openDatabase } from '../src/lib/server/db/open.ts';
import { packCode } from '../src/lib/core/packing/pack-code.ts';
import { packs } from '../src/lib/server/db/schema/index.ts';
import { dropFolders } from './demo-folder.ts';
import { household } from './freezer.ts';
import { answered, served } from './served.ts';
import { line, ms } from './timing.ts';

const frozen = 5_000;
const all = 100_000;
const screens = ['/freezer', '/freezer?q=dal', '/table', '/menu', '/pack', '/learn', '/household'];
const [small, large] = ['data-bench-frozen', 'data-bench-all'];

/** Packs that were eaten over the years, beside those that are frozen. */
async function withPast(dataDir: string): Promise<void> {
	await household(dataDir, frozen);
	const { db, close } = await openDatabase({ dataDir, migrationsDir: 'drizzle' });
	const kinds = await db.select().from(packs).limit(40);
	const chunk = 500;
	for (let from = frozen; from < all; from += chunk)
		await db.insert(packs).values(
			Array.from({ length: chunk }, (_, i) => {
				const { id: _id, ...row } = kinds[(from + i) % kinds.length];
				const cookedAtMs = Date.now() - ((from + i) % 3_000) * 43_200_000;
				return {
					...row,
					code: packCode(1_000_000 + from + i),
					status: 'cooked' as const,
					cookedAtMs
				};
			})
		);
	await db.execute(sql`analyze`);
	await close();
}

/** 200 households' worth of packs in one database, 5,000 of them in the freezer, against those 5,000 alone: the aim is twice. */
export async function benchManyPacks(): Promise<void> {
	await household(small, frozen);
	await withPast(large);
	const few = await served(small, 4877);
	const many = await served(large, 4878);
	for (const screen of screens) {
		const base = await answered(few.base + screen);
		const took = await answered(many.base + screen);
		line(
			`${screen}, 100,000 packs against 5,000`,
			ms(took),
			`${(took / base).toFixed(2)} ×`,
			'aim 2 ×'
		);
	}
	few.stop();
	many.stop();
	dropFolders([small, large]);
}
