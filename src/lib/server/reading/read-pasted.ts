import type { RecipesRead } from '../../formats/recipe-draft.ts';
import * as w from '../../present/wording/index.ts';
import { TookTooLong, workerThread, type Thread } from '../worker-thread.ts';

/** Longer than any real page of recipes takes; hostile nesting takes far longer. */
export const readingDeadlineMs = 3000;

/** Reads pasted text or a file off the server's own thread; what takes too long is given up, and the cook is told. */
export type ReadPasted = (text: string, where: string) => Promise<RecipesRead>;

export function startReading(): { readPasted: ReadPasted; stop(): Promise<void> } {
	let thread: Thread | null = null;
	const read: ReadPasted = async (text, where) => {
		thread ??= workerThread('build/node/reading.js');
		try {
			return (await thread.ask({ text, where }, { deadlineMs: readingDeadlineMs })) as RecipesRead;
		} catch (error) {
			if (!(error instanceof TookTooLong)) throw error;
			return { recipes: [], problems: [{ where, message: w.recipeImport.tookTooLong }] };
		}
	};
	// one after the other: a slow paste must not use up the time of the one behind it
	let before: Promise<unknown> = Promise.resolve();
	return {
		readPasted: (text, where) => {
			const mine = before.then(() => read(text, where));
			before = mine.catch(() => undefined);
			return mine;
		},
		stop: async () => thread?.stop()
	};
}
