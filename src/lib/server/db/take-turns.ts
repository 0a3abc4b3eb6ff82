import { setTimeout as pause } from 'node:timers/promises';
import type { PGlite } from '@electric-sql/pglite';

/** So long the database may be asked without a break, ms; a question is never broken off. */
const mostMs = 30;
/** The break is this share of it: an answer to somebody else takes several turns of the event loop. */
const break01 = 0.05;

/**
 * The embedded database answers within this process, and between its answers nobody else is heard: a page of many long questions would
 * hold everybody up until its last. With this they have their turn between two of them.
 */
export function takingTurns(client: PGlite): PGlite {
	const ask = client._runExclusiveQuery.bind(client);
	/** since when this turn of the event loop asks; null: nobody has asked in it */
	let sinceMs: number | null = null;
	client._runExclusiveQuery = async (question) => {
		if (sinceMs === null) {
			sinceMs = performance.now();
			setImmediate(() => (sinceMs = null));
		}
		const answer = await ask(question);
		const askedMs = performance.now() - (sinceMs ?? Infinity);
		if (askedMs > mostMs) await pause(askedMs * break01);
		return answer;
	};
	return client;
}
