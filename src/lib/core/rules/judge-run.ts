import type { Content } from '../appliances/question.ts';
import { CoreError } from '../errors.ts';
import { ratePerMin } from '../heat/cook-value.ts';
import { requireRange } from '../require-range.ts';
import { dangerC } from './danger-range.ts';
import { cereus, growthLogOf, mostGrowthLog, perfringens } from './growth.ts';
import { heatingVerdict } from './heating-hours.ts';
import { worse, type Advice } from './reasons.ts';
import { coolingRuleFor, missedGate, riceGates, twoStageRule } from './two-stage-rule.ts';
import { twoHours } from './two-hours.ts';

/** What decided a run. */
export type RunRule =
	| 'within-limits'
	| 'hours-in-danger'
	| 'left-out'
	| 'to21'
	| 'to5'
	| 'rice-hour'
	| 'growth'
	| 'below-floor';

export interface RunVerdict {
	verdict: Advice;
	/** hours between 5 and 60 °C */
	hazardH: number;
	/** most growth between two times it was hot, logarithms to base 10 */
	growthLog: number;
	/** minutes at 70 °C equivalent, z 7.5 K */
	lethalityMin: number;
	rule: RunRule;
}

/** Nothing that harms grows from here on, °C; held there until it is pasteurised, food is not in danger. */
const growsToC = 54;
/** Six logs of Listeria (UK FSA / ACMSA), minutes at 70 °C. */
const pasteurisedMin = 2;
const withinK = 0.5;
/** Colder than this it came from the cold, °C: warmed, it is left out; warmer, it is on its way down. */
const fromColdC = 15;

const from = (series: ArrayLike<number>, first: number): number[] =>
	Array.from(series).slice(first);

/** Minutes of a course within a range of temperature, by straight lines between its points. */
function minutesWithin(
	minutes: ArrayLike<number>,
	tempC: ArrayLike<number>,
	range: { fromC: number; toC: number; from: number; to: number }
): number {
	let sum = 0;
	for (let i = range.from + 1; i <= range.to; i++) {
		const [a, b] = [tempC[i - 1], tempC[i]];
		const spanMin = minutes[i] - minutes[i - 1];
		if (a === b) {
			if (a > range.fromC && a < range.toC) sum += spanMin;
			continue;
		}
		const at = (c: number) => Math.min(1, Math.max(0, (c - a) / (b - a)));
		sum += spanMin * Math.abs(at(range.toC) - at(range.fromC));
	}
	return sum;
}

/** When a falling course passes a temperature, minutes; null when it does not. Below it from the start is at once. */
function fallsTo(
	minutes: ArrayLike<number>,
	tempC: ArrayLike<number>,
	from: number,
	gateC: number
): number | null {
	if (tempC[from] <= gateC) return minutes[from];
	for (let i = from + 1; i < minutes.length; i++)
		if (tempC[i] <= gateC)
			return (
				minutes[i - 1] +
				((tempC[i - 1] - gateC) / (tempC[i - 1] - tempC[i])) * (minutes[i] - minutes[i - 1])
			);
	return null;
}

/**
 * The one judge of any run of food: in an appliance, resting, waiting on a timer, a failure in the middle, cooling, thawing, carried.
 * `worstC`: the coldest-heating or warmest-cooling cell at the unfavourable end, at `minutes`. What it had on the way up is held to the
 * hours of heating, what it has on the way down to the cooling rule and to growth; food that never gets hot is left out. The stricter
 * decides. Throws coded errors for series that are none.
 */
export function judgeRun(input: {
	minutes: ArrayLike<number>;
	worstC: ArrayLike<number>;
	content: Content;
	rice?: boolean;
	/** the core that is wanted; left out: none is */
	floorC?: number;
}): RunVerdict {
	const { minutes, worstC, content, rice = false, floorC } = input;
	if (minutes.length < 2 || minutes.length !== worstC.length)
		throw new CoreError('no-stages', { minutes: minutes.length, temperatures: worstC.length });
	for (let i = 0; i < minutes.length; i++) {
		requireRange('worstC', worstC[i], -80, 200);
		requireRange('minutes', minutes[i], i === 0 ? 0 : minutes[i - 1], 1e6);
	}
	if (floorC !== undefined) requireRange('floorC', floorC, 0, 100);
	const last = minutes.length - 1;
	let peak = 0;
	let lethalityMin = 0;
	for (let i = 1; i <= last; i++) {
		if (worstC[i] > worstC[peak]) peak = i;
		const rates = [worstC[i - 1], worstC[i]].map((c) => ratePerMin(c, 7.5, 70));
		lethalityMin += ((minutes[i] - minutes[i - 1]) * (rates[0] + rates[1])) / 2;
	}
	const model = rice ? cereus : perfringens;
	const growthLog = growthLogOf(minutes, worstC, model);
	const within = (toC: number, from: number, to: number) =>
		minutesWithin(minutes, worstC, { fromC: dangerC.from, toC, from, to }) / 60;
	const found: RunVerdict = {
		verdict: 'good',
		hazardH: within(dangerC.to, 0, last),
		growthLog,
		lethalityMin,
		rule: 'within-limits'
	};
	const decide = (verdict: Advice, rule: RunRule) => {
		if (worse(found.verdict, verdict) !== found.verdict)
			[found.verdict, found.rule] = [verdict, rule];
	};
	const isPasteurised = lethalityMin >= pasteurisedMin;
	const isHot = worstC[peak] >= dangerC.to || (isPasteurised && worstC[peak] >= growsToC);
	const isFalling = worstC[0] > fromColdC && peak === 0;
	if (floorC !== undefined && worstC[peak] < floorC - withinK)
		decide(isPasteurised ? 'caution' : 'refused', 'below-floor');
	if (isHot) {
		// kept below 60 °C until it is pasteurised, its hours end where nothing grows any more
		const risingH = within(worstC[peak] >= dangerC.to ? dangerC.to : growsToC, 0, peak);
		decide(heatingVerdict(content, risingH), 'hours-in-danger');
	} else if (!isFalling) {
		const outH = within(dangerC.to, 0, last);
		const limitH = content === 'plain' ? 2 * twoHours.outH : rice ? twoHours.riceH : twoHours.outH;
		decide(outH > limitH ? 'refused' : 'good', 'left-out');
	}
	// on the way down, and not kept hot: its clock starts as it leaves 57 °C
	if (isHot || isFalling) {
		const startMin = fallsTo(minutes, worstC, peak, twoStageRule.startC);
		if (startMin !== null && worstC[last] < worstC[peak]) {
			const sinceStart = (gateC: number) => {
				const at = fallsTo(minutes, worstC, peak, gateC);
				return at === null ? null : Math.max(0, at - startMin);
			};
			const soFarMin = minutes[last] - startMin;
			const to21Min = sinceStart(twoStageRule.firstGateC);
			const to5Min = sinceStart(twoStageRule.secondGateC);
			// a gate that is still ahead is not missed
			const missed = missedGate({
				rule: coolingRuleFor(false),
				to21Min: to21Min ?? soFarMin,
				to5Min: to5Min ?? soFarMin,
				limits: rice ? riceGates : undefined
			});
			if (missed) decide('refused', rice && missed === 'to21' ? 'rice-hour' : missed);
		}
	}
	// what grew on the way up is ended by the heat: its hours were judged; what grows on the way down stays
	const since = isHot ? peak : 0;
	const grown = growthLogOf(from(minutes, since), from(worstC, since), model);
	if (grown > mostGrowthLog) decide('refused', 'growth');
	return found;
}
