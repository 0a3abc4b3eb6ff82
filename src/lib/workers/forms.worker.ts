import { blockFormTimes } from '../core/packing/index.ts';
import type { FormsReply, FormsRequest } from './protocol.ts';

self.onmessage = ({ data }: MessageEvent<FormsRequest>) => {
	const { id, input } = data;
	self.postMessage({ id, kind: 'times', times: blockFormTimes(input) } satisfies FormsReply);
};
