import type { WaysReply, WaysRequest } from './protocol.ts';

/** Asks a web worker for ways to cook; replies to older requests are dropped. */
export function waysClient(onReply: (reply: WaysReply) => void): {
	ask(request: Omit<WaysRequest, 'id'>): void;
	close(): void;
} {
	const worker = new Worker(new URL('./ways.worker.ts', import.meta.url), { type: 'module' });
	let newest = 0;
	worker.onmessage = ({ data }: MessageEvent<WaysReply>) => {
		if (data.id === newest) onReply(data);
	};
	worker.onerror = (event) => onReply({ id: newest, kind: 'failed', message: event.message });
	return {
		ask: (request) => worker.postMessage({ ...request, id: ++newest } satisfies WaysRequest),
		close: () => worker.terminate()
	};
}
