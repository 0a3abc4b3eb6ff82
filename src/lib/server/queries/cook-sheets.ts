import { and, asc, desc, eq, isNull } from 'drizzle-orm';
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

/** The sheet that a pack is cooked by, or was last; null: there is none. */
export async function sheetOfPack(db: Db, code: string): Promise<CookSheetRow | null> {
	const rows = await db.select().from(cookSheets).orderBy(desc(cookSheets.id)).limit(30);
	return rows.find(({ codes }) => codes.includes(code)) ?? null;
}
