import { existsSync } from 'node:fs';
import { resolve } from 'node:path';
import { Worker } from 'node:worker_threads';

/** What a thread answers to a request, told by the request's id. */
export type ThreadReply =
	| { id: number; ok: true; answer: unknown }
	| { id: number; ok: false; message: string }
	/** on the way to an answer */
	| { id: number; progress: unknown };

/** A request took longer than it may; its thread was ended. */
export class TookTooLong extends Error {
	constructor(deadlineMs: number) {
		super(`ended after ${deadlineMs} ms`);
		this.name = 'TookTooLong';
	}
}

export interface Thread {
	/** Rejects with `TookTooLong` when there is a deadline and it passes: the thread is ended and the next request gets a new one. */
	ask(
		request: object,
		how?: { deadlineMs?: number; onProgress?(progress: unknown): void }
	): Promise<unknown>;
	stop(): Promise<void>;
}

/** A worker thread started with its first request and again after an end; `script` is built by `npm run build`. */
export function workerThread(script: string): Thread {
	const path = resolve(script);
	if (!existsSync(path)) throw new Error(`${path} is missing: run "npm run build" first.`);
	const waiting = new Map<
		number,
		{
			resolve: (answer: unknown) => void;
			reject: (error: Error) => void;
			onProgress?(progress: unknown): void;
		}
	>();
	let nextId = 1;
	let worker: Worker | null = null;

	const end = (error: Error) => {
		const ended = worker;
		worker = null;
		for (const { reject } of waiting.values()) reject(error);
		waiting.clear();
		return ended?.terminate();
	};
	const running = () => {
		if (worker) return worker;
		const started = new Worker(path);
		started.unref();
		started.on('message', (reply: ThreadReply) => {
			const asked = waiting.get(reply.id);
			if ('progress' in reply) {
				asked?.onProgress?.(reply.progress);
				return;
			}
			waiting.delete(reply.id);
			if (reply.ok) asked?.resolve(reply.answer);
			else asked?.reject(new Error(reply.message));
		});
		const lost = (error: Error) => {
			if (worker === started) void end(error);
		};
		started.on('error', lost);
		started.on('exit', () => lost(new Error('the computing thread ended')));
		worker = started;
		return started;
	};
	return {
		ask: (request, { deadlineMs, onProgress } = {}) =>
			new Promise((resolve, reject) => {
				const id = nextId++;
				const timer =
					deadlineMs === undefined
						? undefined
						: setTimeout(() => void end(new TookTooLong(deadlineMs)), deadlineMs);
				waiting.set(id, {
					resolve: (answer) => (clearTimeout(timer), resolve(answer)),
					reject: (error) => (clearTimeout(timer), reject(error)),
					onProgress
				});
				running().postMessage({ id, ...request });
			}),
		stop: async () => {
			await end(new Error('the computing thread was stopped'));
		}
	};
}
