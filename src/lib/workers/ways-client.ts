import { newestClient } from './newest-client.ts';
import type { WaysReply, WaysRequest } from './protocol.ts';

/** Asks a web worker for ways to cook; replies to older requests are dropped. */
export const waysClient = (onReply: (reply: WaysReply) => void) =>
	newestClient<Omit<WaysRequest, 'id'>, WaysReply>(
		new Worker(new URL('./ways.worker.ts', import.meta.url), { type: 'module' }),
		onReply,
		(id, message) => ({ id, kind: 'failed', message })
	);
