import { newestClient } from './newest-client.ts';
import type { FormsReply, FormsRequest } from './protocol.ts';

/** Asks a web worker how long shapes of a pack take to freeze and to thaw. */
export const formsClient = (onReply: (reply: FormsReply) => void) =>
	newestClient<Omit<FormsRequest, 'id'>, FormsReply>(
		new Worker(new URL('./forms.worker.ts', import.meta.url), { type: 'module' }),
		onReply,
		(id, message) => ({ id, kind: 'failed', message })
	);
