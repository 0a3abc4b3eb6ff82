import { and, eq, gt, gte, inArray, isNotNull, lt, lte, not, or, sql, type SQL } from 'drizzle-orm';
import {
	type BatchesSeen,
	type BestSeen,
	mostNamed,
	soonGoneDays
} from '../../core/learning/index.ts';
import type { Db } from '../db/db.ts';
import { packings, packs } from '../db/schema/index.ts';
import { ofDishes } from './learn.ts';
import { outOn } from './learn-figures.ts';

/** What counts: of some dishes or of any, since a moment; of a few dishes since a later one. */
export interface Counted {
	sinceMs: number;
	laterMs: ReadonlyMap<number, number>;
	nowMs: number;
	dishIds?: readonly number[];
}

const dayMs = 86_400_000;
const isoDay = (ms: number) => new Date(ms).toISOString().slice(0, 10);
const number = (n: number) => sql.raw(`${n}::float8`);
/** When the day of packing begins in UTC, ms. */
const packedMs = sql`((${packings.packedOn}::date - date '1970-01-01') * ${number(dayMs)})`;

/** Whether something of a dish is later than what was last accepted or set aside of it. */
const isLater = (atMs: SQL, { laterMs }: Counted) =>
	and(...[...laterMs].map(([id, ms]) => not(and(eq(packings.dishId, id), lte(atMs, ms))!)));

/** By dish, the batches of more than one pack that are gone or old enough to have been, and those that were gone soon. */
export async function batchesSeen(db: Db, counted: Counted): Promise<BatchesSeen[]> {
	const { sinceMs, nowMs, dishIds } = counted;
	const kept = db
		.select({
			n: sql<number>`count(*)`.as('n'),
			goneMs: sql<
				number | null
			>`case when count(*) filter (where ${packs.status} in ('reserved', 'frozen', 'thawing')) = 0
				then max(${packs.cookedAtMs}) end`.as('gone_ms')
		})
		.from(packs)
		.where(eq(packs.packingId, packings.id))
		.as('kept');
	const days = sql`(${kept.goneMs} - ${packedMs}) / ${number(dayMs)}`;
	const isSoon = sql`coalesce(${days} <= ${number(soonGoneDays)}, false)`;
	const batch = db
		.select({
			dish: sql<number>`${packings.dishId}`.as('dish'),
			soon: isSoon.as('soon'),
			old: sql`${packedMs} < ${number(nowMs - soonGoneDays * dayMs)}`.as('old'),
			days: days.as('days'),
			codes: sql`case when ${isSoon} then array(
				select p.code from ${packs} p where p.packing_id = ${packings.id} order by p.code
			) end`.as('codes')
		})
		.from(packings)
		.crossJoinLateral(kept)
		.where(
			and(
				gte(packings.packedOn, isoDay(sinceMs)),
				gt(packedMs, sinceMs),
				ofDishes(dishIds),
				gt(kept.n, 1),
				isLater(packedMs, counted)
			)
		)
		.as('batch');
	const soon = sql`json_agg(json_build_object('days', ${batch.days}, 'codes', ${batch.codes})) filter (where ${batch.soon})`;
	return db
		.select({
			dishId: batch.dish,
			of: sql<number>`(count(*) filter (where ${batch.soon} or ${batch.old}))::int`,
			soon: sql<BatchesSeen['soon']>`coalesce(${soon}, '[]')`
		})
		.from(batch)
		.groupBy(batch.dish);
}

/** By dish, the packs with a best day that were eaten or thrown away, or lie there past it; the newest that are past it are named. */
export async function packsPastBest(
	db: Db,
	{ today, timeZone, ...counted }: Counted & { today: string; timeZone: string }
): Promise<BestSeen[]> {
	const { sinceMs, nowMs, dishIds } = counted;
	const isThere = and(eq(packs.status, 'frozen'), lt(packs.bestBy, today));
	const isGone = and(inArray(packs.status, ['cooked', 'discarded']), gt(packs.cookedAtMs, sinceMs));
	const isPast = sql`filter (where ${packs.status} = 'frozen' or ${packs.bestBy}::date < ${outOn(timeZone)})`;
	const rows = await db
		.select({
			dishId: packings.dishId,
			of: sql<number>`count(*)::int`,
			past: sql<number>`(count(*) ${isPast})::int`,
			codes: sql<
				string[]
			>`coalesce((array_agg(${packs.code} order by ${packs.id} desc) ${isPast})[1:${sql.raw(`${mostNamed}`)}], '{}')`
		})
		.from(packs)
		.innerJoin(packings, eq(packings.id, packs.packingId))
		.where(
			and(
				ofDishes(dishIds),
				isNotNull(packs.bestBy),
				or(isThere, isGone),
				isLater(sql`coalesce(${packs.cookedAtMs}, ${nowMs})`, counted)
			)
		)
		.groupBy(packings.dishId);
	return rows.flatMap(({ dishId, ...row }) => (dishId === null ? [] : [{ dishId, ...row }]));
}
