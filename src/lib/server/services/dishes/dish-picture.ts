import * as w from '../../../present/wording/index.ts';
import type { Db } from '../../db/db.ts';
import { getDish } from '../../queries/dishes.ts';
import { removePicture, setPicture } from '../../writes/dish-pictures.ts';

/** A screen makes photos smaller before it sends them; more than this was not made by it. */
const mostBytes = 400_000;

/** What a JPEG begins with. */
const isJpeg = (bytes: Uint8Array): boolean =>
	bytes[0] === 0xff && bytes[1] === 0xd8 && bytes[2] === 0xff;

/** Keeps a photo for a dish, or says why not; null when there is no such dish. */
export async function keepPicture(
	db: Db,
	dishId: number,
	file: Blob,
	atMs: number
): Promise<{ ok: true } | { ok: false; message: string } | null> {
	if (!(await getDish(db, dishId))) return null;
	if (file.size > mostBytes) return { ok: false, message: w.dishPicture.tooLarge };
	const bytes = new Uint8Array(await file.arrayBuffer());
	if (!isJpeg(bytes)) return { ok: false, message: w.dishPicture.notAPicture };
	await setPicture(db, { dishId, jpeg: Buffer.from(bytes).toString('base64'), atMs });
	return { ok: true };
}

/** Takes a dish's photo away. */
export const dropPicture = removePicture;
