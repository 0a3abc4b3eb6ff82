import type { BackupResult } from '../../formats/backup.ts';
import type { RecipesRead } from '../../formats/recipe-draft.ts';
import * as w from '../../present/wording/index.ts';
import { TookTooLong, workerThread, type Thread } from '../worker-thread.ts';

/** Longer than any real page of recipes takes; hostile nesting takes far longer. */
export const readingDeadlineMs = 3000;

/** Reads pasted text or a file off the server's own thread; what takes too long is given up, and the cook is told. */
export type ReadPasted = (text: string, where: string) => Promise<RecipesRead>;

/** Reads an exported file off the server's own thread. */
export type ReadExported = (text: string) => Promise<BackupResult>;
/** The largest households are read in seconds. */
const exportedDeadlineMs = 60_000;

export interface Reading {
	readPasted: ReadPasted;
	readExported: ReadExported;
	stop(): Promise<void>;
}

export function startReading(): Reading {
	let exported: Thread | null = null;
	const readExported: ReadExported = async (text) => {
		exported ??= workerThread('build/node/reading.js');
		try {
			return (await exported.ask(
				{ backup: text },
				{ deadlineMs: exportedDeadlineMs }
			)) as BackupResult;
		} catch (error) {
			if (!(error instanceof TookTooLong)) throw error;
			return { ok: false, message: w.backup.tookTooLong };
		}
	};
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
		readExported,
		stop: async () => {
			await thread?.stop();
			await exported?.stop();
		}
	};
}
