import { statfs } from 'node:fs/promises';

/** Below this nothing is written any more, bytes: a database that cannot finish what it began wants room (judgement). ALMACEN_FLOOR_MB sets another. */
const floorBytes = (Number(process.env.ALMACEN_FLOOR_MB) || 64) * 1024 * 1024;
/** A disk does not fill faster than this matters, ms. */
const lookEveryMs = 3000;

let lookedMs = -Infinity;
let leftBytes = Infinity;

/** Room left where a folder lies, bytes, looked at every few seconds. */
export async function freeBytes(dir: string, nowMs: number): Promise<number> {
	if (nowMs - lookedMs >= lookEveryMs) {
		const { bavail, bsize } = await statfs(dir);
		leftBytes = bavail * bsize;
		lookedMs = nowMs;
	}
	return leftBytes;
}

/** Whether there is room to write where a folder lies; reading goes on without. */
export const hasRoom = async (dir: string, nowMs: number): Promise<boolean> =>
	(await freeBytes(dir, nowMs)) >= floorBytes;
