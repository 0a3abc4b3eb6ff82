import { convertSteps, cookCurve } from '../core/index.ts';
import type { WaysReply, WaysRequest } from './protocol.ts';

/** Answers in pieces, each as soon as it is computed; the caller stops asking when a newer request has come. */
export function* answerWays(request: WaysRequest): Generator<WaysReply> {
	const { id, state, convert } = request;
	try {
		if (request.known) {
			for (const { method, setMin } of request.known)
				yield { id, kind: 'curve', method, curve: cookCurve({ convert, method, state, setMin }) };
		} else
			for (const option of convertSteps(convert, [state])) {
				yield { id, kind: 'option', option };
				const setMin = option.setMin?.likely;
				if (setMin === undefined) continue;
				const { method } = option;
				yield { id, kind: 'curve', method, curve: cookCurve({ convert, method, state, setMin }) };
			}
		yield { id, kind: 'done' };
	} catch (error) {
		yield { id, kind: 'failed', message: error instanceof Error ? error.message : String(error) };
	}
}
