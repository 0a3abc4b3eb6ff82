import { listCopies, makeCopy, type Dump } from './copy-folder.ts';
import { nowMs } from '../now.ts';
import { repeatedly } from '../repeatedly.ts';

const hourMs = 3_600_000;
const dayMs = 24 * hourMs;

/** Makes a copy whenever the newest is a day old, looking every hour; returns what stops it. */
export function copyDaily(opened: { readonly dump: Dump }, dataDir: string): () => void {
	const look = async () => {
		const [newest] = await listCopies(dataDir);
		if (!newest || nowMs() - newest.madeAtMs >= dayMs) await makeCopy(opened, dataDir, nowMs());
	};
	return repeatedly(look, { everyMs: hourMs, failed: 'the daily safe copy failed' });
}
