import type { AnswerOf, CoreJobName, InputOf, SearchProgress } from '../workers/protocol.ts';
import { workerThread } from './worker-thread.ts';

/** What a search may be watched by. */
export interface ComputeWatch {
	onProgress?(progress: SearchProgress): void;
	/** its first number is set when the answer is not wanted any more */
	stop?: Int32Array<SharedArrayBuffer>;
}

/** Has something of the core computed off the server's own thread. */
export type Compute = <J extends CoreJobName>(
	job: J,
	input: InputOf<J>,
	watch?: ComputeWatch
) => Promise<AnswerOf<J>>;

/** What waits for what: a search for a plan never makes a cook card wait, nor a dozen cards a pot that is to cool or a meal that is being cooked. */
const lanes: { [J in CoreJobName]: 'planning' | 'cards' | 'cooking' | 'cooling' } = {
	'order-of-work': 'planning',
	'day-outlook': 'planning',
	card: 'cards',
	'carry-on': 'cooking',
	'after-reading': 'cooking',
	forecasts: 'cards',
	'own-minutes': 'cards',
	'cooling-ways': 'cooling',
	'cooling-choice': 'cooling'
};

/**
 * Worker threads for long computations, so that a server at work on one still answers everybody else: one for each kind of work,
 * begun when it is first wanted.
 */
export function startCoreWorker(): { compute: Compute; stop(): Promise<void> } {
	const script = 'build/node/core-jobs.js';
	const threads = {
		planning: workerThread(script),
		cards: workerThread(script),
		cooking: workerThread(script),
		cooling: workerThread(script)
	};
	return {
		compute: (job, input, { onProgress, stop } = {}) =>
			threads[lanes[job]].ask(
				{ job, input, stop },
				{ onProgress: (progress) => onProgress?.(progress as SearchProgress) }
			) as Promise<AnswerOf<typeof job>>,
		stop: async () => {
			await Promise.all(Object.values(threads).map((thread) => thread.stop()));
		}
	};
}
