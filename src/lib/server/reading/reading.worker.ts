import { readBackup } from '../../formats/backup.ts';
import { parentPort } from 'node:worker_threads';
import { readRecipes } from '../../formats/recipe-file.ts';
import type { ThreadReply } from '../worker-thread.ts';

type Asked = { id: number } & ({ text: string; where: string } | { backup: string });

/** Reads what was pasted or exported, in a thread of its own that may be ended while it is at it. */
parentPort?.on('message', (asked: Asked) => {
	const answer =
		'backup' in asked ? readBackup(asked.backup) : readRecipes(asked.text, asked.where);
	const reply: ThreadReply = { id: asked.id, ok: true, answer };
	parentPort?.postMessage(reply);
});
