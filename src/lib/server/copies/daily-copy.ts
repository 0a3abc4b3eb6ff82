import { copiesDir, listCopies, makeCopy, type Copied } from './copy-folder.ts';
import { proveCopy, provenOf } from './proven.ts';
import { nowMs } from '../now.ts';
import { repeatedly } from '../repeatedly.ts';

const hourMs = 3_600_000;
const dayMs = 24 * hourMs;

/** The first look comes when a start is over. */
const firstMs = 60_000;

/** Makes a copy whenever the newest is a day old, and proves the newest, looking every hour; returns what stops it. */
export function copyDaily(opened: Copied, dataDir: string): () => void {
	const copies = copiesDir(dataDir);
	const look = async () => {
		const [newest] = await listCopies(dataDir);
		const isDue = !newest || nowMs() - newest.madeAtMs >= dayMs;
		const { name } = isDue ? await makeCopy(opened, dataDir, nowMs()) : newest;
		if (!(await provenOf(copies)).has(name)) await proveCopy(copies, name, nowMs());
	};
	return repeatedly(look, { firstMs, everyMs: hourMs, failed: 'the daily safe copy failed' });
}
