import { logFailure } from './log.ts';

/**
 * Does something again and again, for the first time after `firstMs` (as often as not said: after `everyMs`); a failure is logged
 * by what it means and the next turn comes all the same. Keeps no process alive. Returns what stops it.
 */
export function repeatedly(
	job: () => Promise<unknown>,
	{ everyMs, firstMs = everyMs, failed }: { everyMs: number; firstMs?: number; failed: string }
): () => void {
	let timer: NodeJS.Timeout;
	const turn = (afterMs: number) => {
		timer = setTimeout(() => {
			turn(everyMs);
			job().catch(logFailure(failed));
		}, afterMs);
		timer.unref();
	};
	turn(firstMs);
	return () => clearTimeout(timer);
}
