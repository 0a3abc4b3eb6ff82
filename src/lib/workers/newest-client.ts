/** Asks a worker; replies to older requests are dropped. A worker that breaks is told as a reply of its own. */
export function newestClient<Request extends object, Reply extends { id: number }>(
	worker: Worker,
	onReply: (reply: Reply) => void,
	failed: (id: number, message: string) => Reply
): { ask(request: Request): void; close(): void } {
	let newest = 0;
	worker.onmessage = ({ data }: MessageEvent<Reply>) => {
		if (data.id === newest) onReply(data);
	};
	worker.onerror = (event) => onReply(failed(newest, event.message));
	return {
		ask: (request) => worker.postMessage({ ...request, id: ++newest }),
		close: () => worker.terminate()
	};
}
