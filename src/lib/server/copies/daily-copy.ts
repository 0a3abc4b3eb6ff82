import { logFailure } from '../log.ts';
import { listCopies, makeCopy, type Dump } from './copy-folder.ts';
import { nowMs } from '../now.ts';

const hourMs = 3_600_000;
const dayMs = 24 * hourMs;

/** Makes a copy whenever the newest is a day old, looking every hour; returns what stops it. */
export function copyDaily(opened: { dump(): Promise<Dump> }, dataDir: string): () => void {
	const look = async () => {
		const [newest] = await listCopies(dataDir);
		if (!newest || nowMs() - newest.madeAtMs >= dayMs) await makeCopy(opened, dataDir, nowMs());
	};
	const timer = setInterval(() => {
		look().catch(logFailure('the daily safe copy failed'));
	}, hourMs);
	timer.unref();
	return () => clearInterval(timer);
}
