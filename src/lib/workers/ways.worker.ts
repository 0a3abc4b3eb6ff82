import type { WaysRequest } from './protocol.ts';
import { answerWays } from './ways.ts';

let newest = 0;

self.onmessage = async ({ data }: MessageEvent<WaysRequest>) => {
	newest = data.id;
	for (const reply of answerWays(data)) {
		self.postMessage(reply);
		// lets a newer request in between two pieces
		await new Promise((resolve) => setTimeout(resolve));
		if (newest !== data.id) return;
	}
};
