import type { CoolingWayName } from '../cooling/cooling-ways.ts';
import type { DayEventKind } from './day-events.ts';
import type { DayOutlook } from './day-outlook.ts';
import type { DayTask } from './day-tasks.ts';
import type { EarlierPlan } from './earlier-plan.ts';
import type { MovedTask } from './moved-tasks.ts';

/** How a dish is cooled on a day: the way chosen and what it was computed to take. */
export interface ChosenCooling {
	way: CoolingWayName;
	vessel: 'pot' | 'pan';
	/** chosen by the cook; otherwise the least effort that passes */
	byCook: boolean;
	verdict: 'pass' | 'at-risk' | 'fail';
	minutes: number;
	iceKg: number | null;
	/** pots, dishes or bags */
	vessels?: number;
	/** every way that passes, the least effort first: the day chooses among them; left out: not all are computed yet */
	options?: CoolingFigures[];
	/** what it was computed for: computed anew when this changes */
	of: string;
}

/** What a way to cool was computed to take. */
export interface CoolingFigures {
	way: CoolingWayName;
	minutes: number;
	iceKg: number | null;
	vessels: number;
}

/** Something said on a day because of which it was planned anew. */
export interface PlanReason {
	kind: DayEventKind;
	key: string;
	value: number | null;
}

/** A plan as it is kept and sent; minutes count from `zeroMs`. */
export interface KeptPlan {
	zeroMs: number;
	madeAtMs: number;
	tasks: DayTask[];
	startMin: Record<string, number>;
	endMin: number;
	lowerBoundMin: number;
	changeovers: number;
	outcome: 'optimal' | 'budget' | 'infeasible';
	waitedTooLong: string[];
	/** resources a task needs and the kitchen does not have */
	missing: { text: string; resource: string }[];
	/** how the household's kept times compare with the estimates, as the day was planned with */
	learned01: Record<string, number>;
	outlook: DayOutlook | null;
	/** which of the cooks do a task, counted from 0 */
	cooks: Record<string, number[]>;
	/** tasks that heat the oven and need not: it is hot already */
	alreadyHot: string[];
	/** what begins more than ten minutes from where the plan before had it */
	moved: MovedTask[];
	/** why it was planned anew */
	because: PlanReason[];
	/** the newest last */
	earlier: EarlierPlan[];
	/** a first plan: a better one is looked for */
	rough: boolean;
}

/** How a packing day is to go. */
export interface RunSheet {
	/** when it is meant to begin and to be over, household's time: "09:00" */
	startClock: string;
	deadlineClock: string | null;
	pauses: { fromClock: string; minutes: number }[];
	capacity: Record<string, number>;
	/** tasks moved to the evening before, with their words */
	doneBefore: { id: string; text: string }[];
	/** by dish */
	cooling: Record<string, ChosenCooling>;
	plan: KeptPlan | null;
	/** work whose times on this day do not count for later ones: the cook has said so */
	notLearned?: string[];
}

/** A plan as it was kept by an earlier version, with what it did not know yet. */
export const fullPlan = (
	plan: Omit<KeptPlan, 'cooks' | 'alreadyHot' | 'moved' | 'because' | 'earlier' | 'rough'> &
		Partial<KeptPlan>
): KeptPlan => ({
	cooks: {},
	alreadyHot: [],
	moved: [],
	because: [],
	earlier: [],
	rough: false,
	...plan,
	outlook: plan.outlook && {
		...plan.outlook,
		helps: plan.outlook.helps.filter(({ kind }) => helpKinds.has(kind))
	}
});
const helpKinds: ReadonlySet<string> = new Set(['one-more', 'evening-before', 'drop-dish']);

/** What a kitchen has when nobody has said: one cook, four burners, one oven with two shelves (judgement). */
export const usualCapacity: Readonly<Record<string, number>> = {
	hands: 1,
	burner: 4,
	oven: 2,
	'pressure-cooker': 1,
	'slow-cooker': 1,
	microwave: 1,
	board: 2,
	bowl: 6,
	sink: 1,
	/** the sink and a tub */
	'ice-bath': 2,
	refrigerator: 4
};
