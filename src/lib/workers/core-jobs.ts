import { afterReading, carryOnIn } from '../core/cooking/index.ts';
import { forecastMinOf, ownMinutes } from '../core/learning/index.ts';
import { chosenWay, coolingWays } from '../core/cooling/index.ts';
import { orderOfWork, outlookOf, type SearchWatch } from '../core/schedule/index.ts';
import { cookCard } from '../core/serving/index.ts';
import type { AnswerOf, CoreJobName, CoreReply, CoreRequest, InputOf } from './protocol.ts';

const jobs: { [J in CoreJobName]: (input: InputOf<J>, watch: SearchWatch) => AnswerOf<J> } = {
	card: cookCard,
	'carry-on': carryOnIn,
	'after-reading': afterReading,
	forecasts: (cooks) => cooks.map(forecastMinOf),
	'own-minutes': ownMinutes,
	'order-of-work': orderOfWork,
	'day-outlook': outlookOf,
	'cooling-ways': coolingWays,
	'cooling-choice': chosenWay
};

/**
 * Answers one request; a broken question comes back as its message, never as a dead worker. What a search finds on its way goes to
 * `post`; it ends early when its request says stop.
 */
export function answerCoreRequest(
	request: CoreRequest,
	post: (reply: CoreReply) => void = () => undefined
): CoreReply {
	const { id, stop } = request;
	const watch: SearchWatch = {
		onBetter: ({ endMin }, done01) => post({ id, progress: { endMin, done01 } }),
		onStep: (done01) => post({ id, progress: { endMin: null, done01 } }),
		shouldStop: () => stop !== undefined && Atomics.load(stop, 0) !== 0
	};
	try {
		return { id, ok: true, answer: jobs[request.job](request.input as never, watch) };
	} catch (error) {
		return { id, ok: false, message: error instanceof Error ? error.message : String(error) };
	}
}
