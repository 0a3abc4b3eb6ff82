import type {
	CookCurve,
	CookOption,
	ConvertInput,
	LikelyTimes,
	Method,
	State
} from '../core/index.ts';
import type { MeasuredCook, OwnMinutesAsked } from '../core/learning/index.ts';
import type { CookCard, CookCardInput, delayedStart, DelayedStart } from '../core/serving/index.ts';
import type { afterReading, CarriedOn, CarryOnInput } from '../core/cooking/index.ts';
import type { CoolingWay, coolingWays, CoolingWaysInput } from '../core/cooling/index.ts';
import type { blockFormTimes, FormTimes } from '../core/packing/index.ts';
import type {
	DayOutlook,
	OrderedDay,
	OrderOfWorkInput,
	OutlookInput
} from '../core/schedule/index.ts';

/** One version of the messages between a client and a worker; both sides are built together. */
export type CoreJob =
	| { job: 'card'; input: CookCardInput; answer: CookCard }
	| { job: 'carry-on'; input: CarryOnInput; answer: CarriedOn[] }
	| {
			job: 'after-reading';
			input: Parameters<typeof afterReading>[0];
			answer: ReturnType<typeof afterReading>;
	  }
	| { job: 'forecasts'; input: readonly MeasuredCook[]; answer: (number | null)[] }
	| { job: 'own-minutes'; input: OwnMinutesAsked; answer: number | null }
	| { job: 'order-of-work'; input: OrderOfWorkInput; answer: OrderedDay }
	| { job: 'day-outlook'; input: OutlookInput; answer: DayOutlook }
	| { job: 'cooling-ways'; input: CoolingWaysInput; answer: ReturnType<typeof coolingWays> }
	| { job: 'cooling-choice'; input: CoolingWaysInput; answer: CoolingWay };
export type CoreJobName = CoreJob['job'];
export type InputOf<J extends CoreJobName> = Extract<CoreJob, { job: J }>['input'];
export type AnswerOf<J extends CoreJobName> = Extract<CoreJob, { job: J }>['answer'];
export type CoreRequest = {
	[J in CoreJobName]: {
		id: number;
		job: J;
		input: InputOf<J>;
		/** its first number is set when the answer is not wanted any more */
		stop?: Int32Array<SharedArrayBuffer>;
	};
}[CoreJobName];
/** How far a search has come. */
export interface SearchProgress {
	/** end of the best plan so far, minutes of the day; null: that is not what is looked for */
	endMin: number | null;
	done01: number;
}
export type CoreReply =
	| { id: number; ok: true; answer: CoreJob['answer'] }
	| { id: number; ok: false; message: string }
	| { id: number; progress: SearchProgress };

/** A pack as it is, or as if it were thicker, heavier, thawed: asked by a screen, the newest request wins. */
export interface WaysRequest {
	id: number;
	state: State;
	/** ways already known, whose curves alone are wanted; null: compute them */
	known: { method: Method; setMin: number }[] | null;
	convert: ConvertInput;
	/** a slow cooker on a timer: that alone is answered */
	timer?: Omit<Parameters<typeof delayedStart>[0], 'convert' | 'state'>[];
}
export type WaysReply =
	/** first the likely times of every way, their ranges after */
	| { id: number; kind: 'likely'; times: LikelyTimes }
	| { id: number; kind: 'option'; option: CookOption }
	| { id: number; kind: 'timer'; setting: 'low' | 'high'; answer: DelayedStart }
	| { id: number; kind: 'curve'; method: Method; curve: CookCurve | null }
	/** all of them: those that are refused now name the nearest good way */
	| { id: number; kind: 'settled'; options: CookOption[] }
	| { id: number; kind: 'done' }
	| { id: number; kind: 'failed'; message: string };

/** How long shapes of a pack take to freeze and to thaw. */
export interface FormsRequest {
	id: number;
	input: Parameters<typeof blockFormTimes>[0];
}
export type FormsReply =
	| { id: number; kind: 'times'; times: FormTimes[] }
	| { id: number; kind: 'failed'; message: string };
