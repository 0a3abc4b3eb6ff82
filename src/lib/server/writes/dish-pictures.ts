import { eq } from 'drizzle-orm';
import type { Db } from '../db/db.ts';
import { dishPictures } from '../db/schema/index.ts';

/** Keeps a photo for a dish, in place of the one before. */
export async function setPicture(
	db: Db,
	picture: { dishId: number; jpeg: string; atMs: number }
): Promise<void> {
	const { jpeg, atMs } = picture;
	await db
		.insert(dishPictures)
		.values(picture)
		.onConflictDoUpdate({ target: dishPictures.dishId, set: { jpeg, atMs } });
}

/** Takes a dish's photo away. */
export async function removePicture(db: Db, dishId: number): Promise<void> {
	await db.delete(dishPictures).where(eq(dishPictures.dishId, dishId));
}
