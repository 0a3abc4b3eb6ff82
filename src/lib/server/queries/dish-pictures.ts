import { eq } from 'drizzle-orm';
import type { Db } from '../db/db.ts';
import { dishPictures } from '../db/schema/index.ts';

/** Dishes that have a photo, with when it was taken in. */
export async function picturesAt(db: Db): Promise<Map<number, number>> {
	const rows = await db
		.select({ dishId: dishPictures.dishId, atMs: dishPictures.atMs })
		.from(dishPictures);
	return new Map(rows.map(({ dishId, atMs }) => [dishId, atMs]));
}

/** When a dish's photo was taken in; null: it has none. */
export async function pictureAt(db: Db, dishId: number): Promise<number | null> {
	const [row] = await db
		.select({ atMs: dishPictures.atMs })
		.from(dishPictures)
		.where(eq(dishPictures.dishId, dishId));
	return row?.atMs ?? null;
}

/** A dish's photo; null: it has none. */
export async function pictureOf(db: Db, dishId: number): Promise<Uint8Array<ArrayBuffer> | null> {
	const [row] = await db
		.select({ jpeg: dishPictures.jpeg })
		.from(dishPictures)
		.where(eq(dishPictures.dishId, dishId));
	return row ? new Uint8Array(Buffer.from(row.jpeg, 'base64')) : null;
}
