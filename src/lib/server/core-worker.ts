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

const planningJobs: ReadonlySet<CoreJobName> = new Set<CoreJobName>([
	'order-of-work',
	'day-outlook'
]);

/**
 * Worker threads for long computations, so that a server at work on one still answers everybody else. Days are planned in a thread of
 * their own: a search never makes a cook card wait.
 */
export function startCoreWorker(): { compute: Compute; stop(): Promise<void> } {
	const thread = workerThread('build/node/core-jobs.js');
	const planning = workerThread('build/node/core-jobs.js');
	return {
		compute: (job, input, { onProgress, stop } = {}) =>
			(planningJobs.has(job) ? planning : thread).ask(
				{ job, input, stop },
				{ onProgress: (progress) => onProgress?.(progress as SearchProgress) }
			) as Promise<AnswerOf<typeof job>>,
		stop: async () => {
			await Promise.all([thread.stop(), planning.stop()]);
		}
	};
}
