import { statfs } from 'node:fs/promises';

/** Below this nothing is written any more, bytes: a database that cannot finish what it began wants room (judgement). ALMACEN_FLOOR_MB sets another. */
const floorBytes = (Number(process.env.ALMACEN_FLOOR_MB) || 64) * 1024 * 1024;
/** A disk does not fill faster than this matters, ms. */
const lookEveryMs = 3000;

let lookedMs = -Infinity;
let leftBytes = Infinity;

/** Whether there is room to write where a folder lies, looked at every few seconds; reading goes on without. */
export async function hasRoom(dir: string, nowMs: number): Promise<boolean> {
	if (nowMs - lookedMs >= lookEveryMs) {
		const { bavail, bsize } = await statfs(dir);
		leftBytes = bavail * bsize;
		lookedMs = nowMs;
	}
	return leftBytes >= floorBytes;
}
