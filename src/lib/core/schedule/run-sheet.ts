import type { CoolingWayName } from '../cooling/cooling-ways.ts';
import type { DayOutlook } from './day-outlook.ts';
import type { DayTask } from './day-tasks.ts';

/** How a dish is cooled on a day: the way chosen and what it was computed to take. */
export interface ChosenCooling {
	way: CoolingWayName;
	vessel: 'pot' | 'pan';
	/** chosen by the cook; otherwise the least effort that passes */
	byCook: boolean;
	verdict: 'pass' | 'at-risk' | 'fail';
	minutes: number;
	iceKg: number | null;
	/** a way that is quicker and more work, when this one takes long */
	faster: { way: CoolingWayName; minutes: number } | null;
	/** what it was computed for: computed anew when this changes */
	of: string;
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
}

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
