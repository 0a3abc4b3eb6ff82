import { rmSync } from 'node:fs';
import { spawnSync } from 'node:child_process';
import { isNotNull } from 'drizzle-orm';
import type { Db } from '../src/lib/server/db/db.ts';
import { openDatabase } from '../src/lib/server/db/open.ts';
import { packings, packs } from '../src/lib/server/db/schema/index.ts';
import { nextCode } from '../src/lib/server/writes/packs.ts';

type Packing = typeof packings.$inferSelect;
type NewPack = Partial<typeof packs.$inferInsert>;

/** What a bench adds to the demo household: packings like its own, with packs like its own. */
export interface DemoFolder {
	db: Db;
	/** packings that have a cook card; the bench goes round them */
	known: Packing[];
	/** packs there are already */
	there: number;
	/** a packing like one of them, otherwise in some columns, with so many packs; their numbers */
	addPacking(
		like: Packing,
		otherwise: Partial<Packing>,
		packsOf: readonly NewPack[]
	): Promise<number[]>;
}

/** A fresh folder with the demo household and what `fill` adds. */
export async function demoFolder(
	dataDir: string,
	fill: (folder: DemoFolder) => Promise<void>
): Promise<void> {
	rmSync(dataDir, { recursive: true, force: true });
	spawnSync(process.execPath, ['--import', 'tsx', 'scripts/load-demo.ts', dataDir]);
	const { db, close } = await openDatabase({
		dataDir,
		migrationsDir: 'drizzle',
		preparedDump: 'build/prepared/empty.tar.gz'
	});
	const known = await db.select().from(packings).where(isNotNull(packings.card));
	const all = await db.select().from(packs);
	const { id: _sample, ...sample } = all[0];
	await fill({
		db,
		known,
		there: all.length,
		addPacking: async ({ id: _id, ...values }, otherwise, packsOf) => {
			const [made] = await db
				.insert(packings)
				.values({ ...values, ...otherwise })
				.returning({ id: packings.id });
			const ids: number[] = [];
			for (const [i, pack] of packsOf.entries()) {
				const [{ id }] = await db
					.insert(packs)
					.values({
						...sample,
						packingId: made.id,
						code: await nextCode(db),
						number: i + 1,
						of: packsOf.length,
						...pack
					})
					.returning({ id: packs.id });
				ids.push(id);
			}
			return ids;
		}
	});
	await close();
}

/** Takes such folders away. */
export function dropFolders(dataDirs: readonly string[]): void {
	for (const dir of dataDirs) rmSync(dir, { recursive: true, force: true });
}
