import { existsSync } from 'node:fs';
import { resolve } from 'node:path';
import { Worker } from 'node:worker_threads';
import type { AnswerOf, CoreJobName, CoreReply, InputOf } from '../workers/protocol.ts';

/** Has something of the core computed off the server's own thread. */
export type Compute = <J extends CoreJobName>(job: J, input: InputOf<J>) => Promise<AnswerOf<J>>;

/** Built by `npm run build`, found from the project's folder. */
const script = 'build/workers/core-jobs.js';

/** A worker thread for long computations, so that a server at work on one still answers everybody else. */
export function startCoreWorker(): { compute: Compute; stop(): Promise<void> } {
	const path = resolve(script);
	if (!existsSync(path)) throw new Error(`${path} is missing: run "npm run build" first.`);
	const waiting = new Map<
		number,
		{ resolve: (answer: never) => void; reject: (error: Error) => void }
	>();
	let nextId = 1;
	let worker: Worker | null = null;

	const failAll = (error: Error) => {
		for (const { reject } of waiting.values()) reject(error);
		waiting.clear();
		worker = null;
	};
	const running = () => {
		if (worker) return worker;
		worker = new Worker(path);
		worker.unref();
		worker.on('message', (reply: CoreReply) => {
			const asked = waiting.get(reply.id);
			waiting.delete(reply.id);
			if (reply.ok) asked?.resolve(reply.answer as never);
			else asked?.reject(new Error(reply.message));
		});
		worker.on('error', failAll);
		worker.on('exit', () => failAll(new Error('the computing thread ended')));
		return worker;
	};
	return {
		compute: (job, input) =>
			new Promise((resolve, reject) => {
				const id = nextId++;
				waiting.set(id, { resolve, reject });
				running().postMessage({ id, job, input });
			}),
		stop: async () => {
			await worker?.terminate();
		}
	};
}
