import { learnedAppliances } from '../core/learning/learn-from-cooks.ts';
import { chosenWay, coolingWays } from '../core/cooling/cooling-ways.ts';
import { orderOfWork } from '../core/schedule/order-of-work.ts';
import { cookCard } from '../core/serving/cook-card.ts';
import type { AnswerOf, CoreJobName, CoreReply, CoreRequest, InputOf } from './protocol.ts';

const jobs: { [J in CoreJobName]: (input: InputOf<J>) => AnswerOf<J> } = {
	card: cookCard,
	learn: learnedAppliances,
	'order-of-work': orderOfWork,
	'cooling-ways': coolingWays,
	'cooling-choice': chosenWay
};

/** Answers one request; a broken question comes back as its message, never as a dead worker. */
export function answerCoreRequest(request: CoreRequest): CoreReply {
	const { id } = request;
	try {
		return { id, ok: true, answer: jobs[request.job](request.input as never) };
	} catch (error) {
		return { id, ok: false, message: error instanceof Error ? error.message : String(error) };
	}
}
