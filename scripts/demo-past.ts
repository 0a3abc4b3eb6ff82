import { eq, sql } from 'drizzle-orm';
import { forecastMinOf } from '../src/lib/core/learning/index.ts';
import { addDays } from '../src/lib/core/units/index.ts';
import type { Db } from '../src/lib/server/db/db.ts';
import { cooks, packEvents, packings, packs, prices } from '../src/lib/server/db/schema/index.ts';
import { nextCode } from '../src/lib/server/writes/packs.ts';
import { history, type PastCook } from './data/demo-history.ts';

type Packing = typeof packings.$inferSelect;

const dayMs = 86_400_000;
/** Eaten in the evening. */
const eveningMs = 18.5 * 3600_000;

/** Minutes a past cook took: as written, or so many times what is computed for that core. */
function minutesOf({ setMin, took01 = 1, way, coreC }: PastCook, packing: Packing): number {
	if (setMin !== undefined) return setMin;
	const option = packing.card?.options.find(
		({ method, state }) => method.appliance === way && state === 'frozen'
	);
	if (!option || !packing.cardInput) throw new Error(`no such way: ${way}`);
	const { convert } = packing.cardInput;
	const { method } = option;
	const asked = { convert, method, state: 'frozen', setMin: 600, coreC } as const;
	const forecastMin = forecastMinOf(asked);
	if (forecastMin === null) throw new Error(`${coreC} °C says nothing of a ${way}`);
	return Math.round(forecastMin * took01);
}

/** What was packed and eaten before: packings like those of today, on earlier days, with what was written down of them. */
export async function addPast(
	db: Db,
	dishIds: ReadonlyMap<string, number>,
	{ today, nowMs }: { today: string; nowMs: number }
): Promise<void> {
	const todayMs = nowMs - (nowMs % dayMs);
	for (const past of history) {
		const [like] = await db
			.select()
			.from(packings)
			.where(eq(packings.dishId, dishIds.get(past.dish) as number))
			.limit(1);
		const [sample] = await db.select().from(packs).where(eq(packs.packingId, like.id)).limit(1);
		const { id: _id, dayId: _day, storage, ...values } = like;
		const packedOn = addDays(today, -past.daysAgo);
		const moved = (day: string | null) =>
			day && addDays(packedOn, Math.round((Date.parse(day) - Date.parse(like.packedOn)) / dayMs));
		const bestBy = moved(storage.bestBy);
		const [made] = await db
			.insert(packings)
			.values({
				...values,
				packedOn,
				// prices were a little lower then
				servingCents: like.servingCents && like.servingCents * (1 - past.daysAgo / 2500),
				storage: { ...storage, bestBy, goodTo: moved(storage.goodTo) }
			})
			.returning();
		for (const [i, after] of past.outAfter.entries()) {
			const outMs = todayMs - (past.daysAgo - after) * dayMs + eveningMs;
			const reason = past.thrown?.[i] ?? null;
			const status = reason === null ? ('cooked' as const) : ('discarded' as const);
			const [pack] = await db
				.insert(packs)
				.values({
					code: await nextCode(db),
					packingId: made.id,
					number: i + 1,
					of: past.outAfter.length,
					shelfId: sample.shelfId,
					status,
					bestBy,
					frozenAtMs: todayMs - past.daysAgo * dayMs + eveningMs,
					cookedAtMs: outMs,
					reason
				})
				.returning();
			await db
				.insert(packEvents)
				.values({ packId: pack.id, atMs: outMs, kind: status, detail: reason ?? '' });
			const cook = past.cooks?.[i];
			const option = cook && like.card?.options.find(({ method }) => method.appliance === cook.way);
			if (!cook || !option) continue;
			await db.insert(cooks).values({
				packId: pack.id,
				atMs: outMs + 3600_000,
				method: option.method,
				route: 'frozen',
				setMin: minutesOf(cook, like),
				coreC: cook.coreC,
				outcome: cook.outcome,
				enough: cook.enough ?? null,
				note: cook.note ?? ''
			});
		}
	}
	// onions were dearer in summer
	await db.insert(prices).values(
		(await db.select().from(prices).where(eq(prices.itemName, 'onion'))).map(
			({ id: _id, priceCents, ...entry }) => ({
				...entry,
				priceCents: Math.round(priceCents * 1.1),
				onDay: addDays(today, -110)
			})
		)
	);
	await db
		.update(prices)
		.set({ onDay: today })
		.where(sql`${prices.onDay} is null`);
}
