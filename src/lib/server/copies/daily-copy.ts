import { copiesDir, listCopies, makeCopy, type Dump } from './copy-folder.ts';
import { proveCopy, provenOf } from './proven.ts';
import { nowMs } from '../now.ts';
import { repeatedly } from '../repeatedly.ts';

const hourMs = 3_600_000;
const dayMs = 24 * hourMs;

/** The first look comes when a start is over. */
const firstMs = 60_000;

/** Makes a copy whenever the newest is a day old, and proves the newest, looking every hour; returns what stops it. */
export function copyDaily(
	opened: { readonly dump: Dump; sound(): Promise<void> },
	dataDir: string
): () => void {
	const copies = copiesDir(dataDir);
	const look = async () => {
		const [newest] = await listCopies(dataDir);
		if (!newest || nowMs() - newest.madeAtMs >= dayMs) await makeCopy(opened, dataDir, nowMs());
		const [last] = await listCopies(dataDir);
		if (!(await provenOf(copies)).has(last.name)) await proveCopy(copies, last.name, nowMs());
	};
	return repeatedly(look, { firstMs, everyMs: hourMs, failed: 'the daily safe copy failed' });
}
