import { inArray, sql } from 'drizzle-orm';
import type { CookCard } from '../../core/serving/index.ts';
import type { Db } from '../db/db.ts';
import { packings } from '../db/schema/index.ts';

/** The row as it was written last: any change of it, by whatever process, gives it another. */
export const rowVersion = sql<string>`${packings}.xmin::text`;

interface KeptCard {
	version: string;
	card: CookCard | null;
}
/** Cards as they were read last, by database: reading and parsing them is most of what a list of what can be eaten costs. */
const read = new WeakMap<object, Map<number, KeptCard>>();
const mostKept = 3000;

/** The cook cards of packings, read anew only where their rows changed. Nobody changes what is given out. */
export async function cardsOf(
	db: Db,
	wanted: readonly { id: number; version: string }[]
): Promise<ReadonlyMap<number, CookCard | null>> {
	const kept = read.get(db) ?? new Map<number, KeptCard>();
	read.set(db, kept);
	if (kept.size > mostKept) kept.clear();
	const stale = wanted.filter(({ id, version }) => kept.get(id)?.version !== version);
	if (stale.length > 0) {
		const ids = stale.map(({ id }) => id);
		const rows = await db
			.select({ id: packings.id, version: rowVersion, card: packings.card })
			.from(packings)
			.where(inArray(packings.id, ids));
		for (const { id, ...row } of rows) kept.set(id, row);
	}
	return new Map(wanted.map(({ id }) => [id, kept.get(id)?.card ?? null]));
}
