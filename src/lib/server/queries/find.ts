import { and, asc, desc, eq, ilike, isNull, or, sql } from 'drizzle-orm';
import type { Db } from '../db/db.ts';
import { dishes, packings, packingDays, packs, shelves, freezers } from '../db/schema/index.ts';
import { likeText } from './like-text.ts';
import { packName, useFirst } from './packs.ts';

/** So many of each kind are shown. */
const most = 6;

export interface Found {
	dishes: { id: number; name: string }[];
	packs: { code: string; name: string; place: string }[];
	days: { id: number; onDay: string }[];
}

/** Dishes, frozen packs and packing days that hold every word that is looked for; the newest days when nothing is. */
export async function findAll(db: Db, text: string): Promise<Found> {
	const words = text.trim().split(/\s+/).filter(Boolean).slice(0, 8);
	const [foundDishes, foundPacks, days] = await Promise.all([
		db
			.select({ id: dishes.id, name: dishes.name })
			.from(dishes)
			.where(
				and(
					isNull(dishes.removedAtMs),
					isNull(dishes.plateOf),
					...words.map((word) => ilike(dishes.name, likeText(word)))
				)
			)
			.orderBy(asc(dishes.name))
			.limit(most),
		words.length === 0
			? []
			: db
					.select({
						code: packs.code,
						name: packName,
						place: sql<string>`${freezers.name} || ', ' || ${shelves.name}`
					})
					.from(packs)
					.innerJoin(packings, eq(packings.id, packs.packingId))
					.leftJoin(dishes, eq(dishes.id, packings.dishId))
					.innerJoin(shelves, eq(shelves.id, packs.shelfId))
					.innerJoin(freezers, eq(freezers.id, shelves.freezerId))
					.where(
						and(
							eq(packs.status, 'frozen'),
							...words.map((word) =>
								or(sql`${packName} ilike ${likeText(word)}`, ilike(packs.code, likeText(word)))
							)
						)
					)
					.orderBy(...useFirst)
					.limit(most),
		db
			.select({ id: packingDays.id, onDay: packingDays.onDay })
			.from(packingDays)
			.where(isNull(packingDays.removedAtMs))
			.orderBy(desc(packingDays.onDay))
			.limit(40)
	]);
	return { dishes: foundDishes, packs: foundPacks, days };
}
