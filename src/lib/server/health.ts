import type { SafeCopy } from './copies/copy-folder.ts';
import type { Db } from './db/db.ts';
import { ping } from './queries/ping.ts';

/** Longer than a database that works takes to say one, ms. */
const patienceMs = 2_000;
/** A copy is made every day; when the newest is older than this, making them does not go well. */
const oldCopyS = 2 * 86_400;

export interface Health {
	/** degraded: everything is answered, and something wants a hand */
	status: 'ok' | 'degraded' | 'down';
	checks: Record<'database' | 'disk' | 'copies' | 'thermometer', 'ok' | 'degraded' | 'down'>;
}

/** Whether the database answers in time. */
async function answers(db: Db): Promise<boolean> {
	let timer: NodeJS.Timeout | undefined;
	const late = new Promise<false>((resolve) => {
		timer = setTimeout(() => resolve(false), patienceMs);
	});
	const asked = ping(db).then(
		() => true,
		() => false
	);
	const answered = await Promise.race([asked, late]);
	clearTimeout(timer);
	return answered;
}

/** How this process is. */
export async function health(
	db: Db,
	seen: { hasRoom: boolean; copyAgeS: number; upS: number; thermometerAnswers: boolean }
): Promise<Health> {
	// a household that has just begun has none yet
	const copyIsLate = Number.isNaN(seen.copyAgeS) ? seen.upS > oldCopyS : seen.copyAgeS > oldCopyS;
	const checks: Health['checks'] = {
		database: (await answers(db)) ? 'ok' : 'down',
		disk: seen.hasRoom ? 'ok' : 'degraded',
		copies: copyIsLate ? 'degraded' : 'ok',
		thermometer: seen.thermometerAnswers ? 'ok' : 'degraded'
	};
	const all = Object.values(checks);
	const status = all.includes('down') ? 'down' : all.includes('degraded') ? 'degraded' : 'ok';
	return { status, checks };
}

/** Age of the newest of the safe copies, seconds; NaN without one. */
export const copyAgeS = ([newest]: readonly SafeCopy[], nowMs: number): number =>
	newest ? (nowMs - newest.madeAtMs) / 1000 : NaN;
