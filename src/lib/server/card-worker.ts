import { existsSync } from 'node:fs';
import { resolve } from 'node:path';
import { Worker } from 'node:worker_threads';
import type { CookCard, CookCardInput } from '../core/table/cook-card.ts';
import type { CardReply } from '../workers/protocol.ts';

export type ComputeCard = (input: CookCardInput) => Promise<CookCard>;

/** Built by `npm run build`, found from the project's folder. */
const script = 'build/workers/cook-card.js';

/** A worker thread that computes cook cards, so that a server computing one still answers everybody else. */
export function startCardWorker(): { compute: ComputeCard; stop(): Promise<void> } {
	const path = resolve(script);
	if (!existsSync(path)) throw new Error(`${path} is missing: run "npm run build" first.`);
	const waiting = new Map<
		number,
		{ resolve: (card: CookCard) => void; reject: (error: Error) => void }
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
		worker.on('message', (reply: CardReply) => {
			const asked = waiting.get(reply.id);
			waiting.delete(reply.id);
			if (reply.ok) asked?.resolve(reply.card);
			else asked?.reject(new Error(reply.message));
		});
		worker.on('error', failAll);
		worker.on('exit', () => failAll(new Error('the computing thread ended')));
		return worker;
	};
	return {
		compute: (input) =>
			new Promise((resolve, reject) => {
				const id = nextId++;
				waiting.set(id, { resolve, reject });
				running().postMessage({ id, input });
			}),
		stop: async () => {
			await worker?.terminate();
		}
	};
}
