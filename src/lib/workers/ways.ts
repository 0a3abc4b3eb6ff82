import { convertSteps, cookCurve } from '../core/cooking/index.ts';
import { delayedStart } from '../core/serving/index.ts';
import type { WaysReply, WaysRequest } from './protocol.ts';

/** Answers in pieces, each as soon as it is computed; the caller stops asking when a newer request has come. */
export function* answerWays(request: WaysRequest): Generator<WaysReply> {
	const { id, state, convert } = request;
	try {
		if (request.timer) {
			for (const timer of request.timer) {
				const answer = delayedStart({ convert, state, ...timer });
				yield { id, kind: 'timer', setting: timer.method.setting, answer };
			}
		} else if (request.known) {
			for (const { method, setMin } of request.known)
				yield { id, kind: 'curve', method, curve: cookCurve({ convert, method, state, setMin }) };
		} else {
			const steps = convertSteps(convert, [state]);
			let step = steps.next();
			for (; !step.done; step = steps.next()) {
				yield { id, ...step.value };
				if (step.value.kind === 'likely') continue;
				const { method, setMin } = step.value.option;
				if (!setMin) continue;
				const curve = cookCurve({ convert, method, state, setMin: setMin.likely });
				yield { id, kind: 'curve', method, curve };
			}
			yield { id, kind: 'settled', options: step.value.options };
		}
		yield { id, kind: 'done' };
	} catch (error) {
		yield { id, kind: 'failed', message: error instanceof Error ? error.message : String(error) };
	}
}
