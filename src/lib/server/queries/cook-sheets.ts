import { and, asc, desc, eq, isNull, sql } from 'drizzle-orm';
import type { Db } from '../db/db.ts';
import { cookSheets } from '../db/schema/index.ts';

export type CookSheetRow = typeof cookSheets.$inferSelect;

/** Meals that are being cooked, the first to be served first. */
export async function runningSheets(db: Db): Promise<CookSheetRow[]> {
	return db
		.select()
		.from(cookSheets)
		.where(isNull(cookSheets.endedAtMs))
		.orderBy(asc(cookSheets.id));
}

export async function sheetById(db: Db, id: number): Promise<CookSheetRow | null> {
	const [row] = await db.select().from(cookSheets).where(eq(cookSheets.id, id));
	return row ?? null;
}

/** The sheet a helper's address opens, while it is cooked; null afterwards. */
export async function sheetByToken(db: Db, token: string): Promise<CookSheetRow | null> {
	const [row] = await db
		.select()
		.from(cookSheets)
		.where(and(eq(cookSheets.token, token), isNull(cookSheets.endedAtMs)));
	return row ?? null;
}

/** The sheet a pack is being cooked by; null: it is not. */
export async function runningSheetOf(db: Db, code: string): Promise<CookSheetRow | null> {
	return (await runningSheets(db)).find(({ codes }) => codes.includes(code)) ?? null;
}

/** The meal a pack was eaten in; null: it was not cooked by a sheet. */
export async function servedSheetOf(db: Db, code: string): Promise<CookSheetRow | null> {
	const [row] = await db
		.select()
		.from(cookSheets)
		.where(
			and(
				eq(cookSheets.ended, 'served'),
				sql`${cookSheets.codes} @> ${JSON.stringify([code])}::jsonb`
			)
		)
		.orderBy(desc(cookSheets.id))
		.limit(1);
	return row ?? null;
}
