import { join } from 'node:path';
import { keptOfReadings, readingGapH } from '../../../core/storage/index.ts';
import { changeKept } from '../../kept-file.ts';
import type { Db } from '../../db/db.ts';
import { nowMs } from '../../now.ts';
import { repeatedly } from '../../repeatedly.ts';
import { listFreezers } from '../../queries/household.ts';
import { readingsBetween } from '../../queries/freezer-stock.ts';
import { removeFreezerReadings } from '../../writes/freezer-stock.ts';

const dayMs = 86_400_000;
/** A month is looked at reading by reading; what is older only goes on into best-by days and into how warm it ever was. */
const wholeDays = 31;
/** A thermometer at home is no better than this, K (common practice, no source). */
const withinK = 0.3;
/** Half of the gap across which readings still say what was between (`readingGapH`), ms. */
const mostGapMs = (readingGapH / 2) * 3_600_000;
const everyMs = 6 * 3_600_000;

/** Leaves out what a line between the others says as well, of readings in a span of time. How many went. */
export async function thinReadings(db: Db, fromMs: number, toMs: number): Promise<number> {
	let gone = 0;
	for (const { id } of await listFreezers(db))
		for (let at = fromMs; at < toMs; at += dayMs) {
			const readings = await readingsBetween(db, id, at, Math.min(at + dayMs, toMs));
			const kept = new Set(keptOfReadings(readings, withinK, mostGapMs));
			const out = readings.filter((_, i) => !kept.has(i)).map(({ atMs }) => atMs);
			if (out.length > 0) await removeFreezerReadings(db, id, out);
			gone += out.length;
		}
	return gone;
}

/** Thins, day by day and each day once, what has become older than a month; returns what stops it. */
export function thinDaily(db: Db, dataDir: string): () => void {
	const look = () =>
		changeKept<{ toMs: number }, number>(join(dataDir, 'thinned.json'), async (done) => {
			const toMs = Math.floor(nowMs() / dayMs) * dayMs - wholeDays * dayMs;
			const fromMs = done?.toMs ?? toMs - 10 * 366 * dayMs;
			const gone = fromMs < toMs ? await thinReadings(db, fromMs, toMs) : 0;
			return { content: fromMs < toMs ? { toMs } : null, answer: gone };
		});
	return repeatedly(look, { everyMs, failed: 'old readings were not thinned' });
}
