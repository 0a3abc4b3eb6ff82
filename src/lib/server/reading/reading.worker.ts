import { parentPort } from 'node:worker_threads';
import { readRecipes } from '../../formats/recipe-file.ts';
import type { ThreadReply } from '../worker-thread.ts';

/** Reads what was pasted, in a thread of its own that may be ended while it is at it. */
parentPort?.on('message', ({ id, text, where }: { id: number; text: string; where: string }) => {
	const reply: ThreadReply = { id, ok: true, answer: readRecipes(text, where) };
	parentPort?.postMessage(reply);
});
