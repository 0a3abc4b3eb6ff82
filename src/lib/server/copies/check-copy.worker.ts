import { parentPort } from 'node:worker_threads';
import { ofClient } from '../db/of-client.ts';
import { openDump } from '../db/open-dump.ts';
import { mustBeSound } from '../db/soundness/sound.ts';
import type { ThreadReply } from '../worker-thread.ts';

/** Opens a copy in memory and reads every row of it. */
async function check(file: string): Promise<void> {
	const client = await openDump(file);
	try {
		await mustBeSound(ofClient(client), 'of this copy');
	} finally {
		await client.close();
	}
}

parentPort?.on('message', ({ id, file }: { id: number; file: string }) => {
	const answer = (reply: ThreadReply) => parentPort?.postMessage(reply);
	check(file).then(
		() => answer({ id, ok: true, answer: null }),
		(error: Error) => answer({ id, ok: false, message: error.message })
	);
});
