import { sql } from 'drizzle-orm';
import { openDatabase } from '../src/lib/server/db/open.ts';
import { packCode } from '../src/lib/core/packing/index.ts';
import { dishes, packings, packs } from '../src/lib/server/db/schema/index.ts';
import { dropFolders } from './demo-folder.ts';
import { household } from './freezer.ts';
import { answered, served } from './served.ts';
import { line, ms } from './timing.ts';

const frozen = 5_000;
const all = 100_000;
const screens = [
	'/freezer',
	'/freezer?q=dal',
	'/table',
	'/menu',
	'/pack',
	'/learn',
	'/learn?span=all',
	'/household'
];
const [small, large] = ['data-bench-frozen', 'data-bench-all'];

/** Packs of a packing, as a batch makes them; one eaten every so many days, best within so many. */
const [each, everyDays, keptDays] = [4, 12, 120];
const [chunk, years] = [500, 8];
const dayMs = 86_400_000;

/** 5,000 packs in the freezer, and a card box of dishes. */
async function withDishes(dataDir: string): Promise<void> {
	await household(dataDir, frozen);
	const { db, close } = await openDatabase({ dataDir, migrationsDir: 'drizzle' });
	await db.insert(dishes).values(
		Array.from({ length: 40 }, (_, i) => ({
			name: `Dish ${i}`,
			servings: 4,
			kind: 'pulse-soup' as const,
			state: 'cooked' as const,
			createdAtMs: 0
		}))
	);
	await close();
}

/** Packs that were made from dishes and eaten over the years, beside those that are frozen. */
async function withPast(dataDir: string): Promise<void> {
	await withDishes(dataDir);
	const { db, close } = await openDatabase({ dataDir, migrationsDir: 'drizzle' });
	const [{ id: _packing, ...packing }] = await db.select().from(packings).limit(1);
	const [{ id: _pack, ...pack }] = await db.select().from(packs).limit(1);
	const written = await db.select({ id: dishes.id }).from(dishes);
	const now = Date.now();
	const dayAgo = (days: number) => new Date(now - days * dayMs).toISOString().slice(0, 10);
	for (let from = frozen; from < all; from += chunk) {
		const agoDays = (n: number) => 60 + ((n / all) * years * 365 - 60);
		const made = await db
			.insert(packings)
			.values(
				Array.from({ length: chunk / each }, (_, i) => ({
					...packing,
					name: null,
					dishId: written[i % written.length].id,
					packedOn: dayAgo(agoDays(from + i * each)),
					servingCents: 150 + (i % 60)
				}))
			)
			.returning({ id: packings.id });
		await db.insert(packs).values(
			Array.from({ length: chunk }, (_, i) => ({
				...pack,
				packingId: made[Math.floor(i / each)].id,
				code: packCode(1_000_000 + from + i),
				number: 1 + (i % each),
				of: each,
				bestBy: dayAgo(agoDays(from + i) - keptDays),
				status: i % 40 === 0 ? ('discarded' as const) : ('cooked' as const),
				cookedAtMs: now - Math.max(1, agoDays(from + i) - (1 + (i % each)) * everyDays) * dayMs
			}))
		);
	}
	await db.execute(sql`analyze`);
	await close();
}

/** 200 households' worth of packs in one database, 5,000 of them in the freezer, against those 5,000 alone: the aim is twice. */
export async function benchManyPacks(): Promise<void> {
	await withDishes(small);
	await withPast(large);
	const few = await served(small, 4877);
	const many = await served(large, 4878);
	const compare = async (screen: string, said: string, how?: { begun: boolean }) => {
		const base = await answered(few.base + screen, how);
		const took = await answered(many.base + screen, how);
		line(said, ms(took), `${(took / base).toFixed(2)} ×`, 'aim 2 ×');
	};
	for (const screen of screens) await compare(screen, `${screen}, 100,000 packs against 5,000`);
	await compare('/learn', '/learn, until its figures are there', { begun: true });
	await few.stop();
	await many.stop();
	dropFolders([small, large]);
}
