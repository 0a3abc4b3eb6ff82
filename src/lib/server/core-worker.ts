import type { AnswerOf, CoreJobName, InputOf } from '../workers/protocol.ts';
import { workerThread } from './worker-thread.ts';

/** Has something of the core computed off the server's own thread. */
export type Compute = <J extends CoreJobName>(job: J, input: InputOf<J>) => Promise<AnswerOf<J>>;

/** A worker thread for long computations, so that a server at work on one still answers everybody else. */
export function startCoreWorker(): { compute: Compute; stop(): Promise<void> } {
	const thread = workerThread('build/node/core-jobs.js');
	return {
		compute: (job, input) => thread.ask({ job, input }) as Promise<AnswerOf<typeof job>>,
		stop: thread.stop
	};
}
