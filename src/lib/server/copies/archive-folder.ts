import { workerThread } from '../worker-thread.ts';

/** What the archiving thread is asked, in this order. */
export type ArchiveStep =
	/** answers when the thread is there */
	| { step: 'begin' }
	/** reads the whole folder into memory */
	| { step: 'read'; folder: string }
	/** writes what was read as a compressed tar archive */
	| { step: 'write'; file: string };

/**
 * Writes a folder as a compressed tar archive, in a thread of its own. Only while the folder is read is it `held`, so that nobody
 * writes to it: some 0.1 s for 40 MB; packing takes longer and holds nobody up.
 */
export async function archiveFolder(
	folder: string,
	file: string,
	held: (read: () => Promise<unknown>) => Promise<unknown>
): Promise<void> {
	const thread = workerThread('build/node/archive.js');
	const ask = (step: ArchiveStep) => thread.ask(step);
	try {
		await ask({ step: 'begin' });
		await held(() => ask({ step: 'read', folder }));
		await ask({ step: 'write', file });
	} finally {
		await thread.stop();
	}
}
