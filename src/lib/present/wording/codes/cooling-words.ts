import type { CoolingView } from '../../../core/cooling/index.ts';
import { ruleGates, type SafetyLimits, twoStageRule } from '../../../core/rules/index.ts';
import { durationText } from '../../time.ts';
import { lengthText, tempNumber, tempText, type Habit } from '../../units.ts';

/** The outcome of a run in one sentence, and what to do about it. */
export function coolingSentence(
	view: CoolingView,
	rule: 'two-stage' | 'four-hours',
	place: string,
	habit: Habit,
	/** what is to be done with it is decided: nothing else is said beside that */
	isDecided = false
): { says: string; todo: string } {
	const t = (tempC: number) => tempText(tempC, habit);
	const { firstGateC, secondGateC } = twoStageRule;
	const first = rule === 'two-stage' ? passes(view.to21Min, t(firstGateC)) : '';
	const second = passes(view.to5Min, t(secondGateC));
	const says = [first, second].filter(Boolean).join(' ');
	if (view.verdict === 'pass' || isDecided) return { says, todo: '' };
	const flatter = `Tip it into wide dishes at most ${lengthText(0.03, habit)} deep, in the refrigerator`;
	const colder = place === 'ice-bath' ? 'stir it, and add ice' : 'stand the pot in an ice bath';
	const todo =
		view.verdict === 'at-risk'
			? `It may come too late. ${flatter}, or ${colder}.`
			: `${flatter}, or ${colder}: as it stands it will not be cold in time.`;
	return { says, todo };
}

const passes = (min: number | null, temperature: string) =>
	min === null
		? `Not at ${temperature} within a day.`
		: `At ${temperature} after ${durationText(min)}.`;

/** The rule, spelled out, for the panel behind a verdict; with the household's own limits where they are tighter. */
export function coolingRuleText(
	rule: 'two-stage' | 'four-hours',
	limits: SafetyLimits,
	habit: Habit
): string {
	const t = (tempC: number) => tempText(tempC, habit);
	const { startC, firstGateC, secondGateC, reheatC } = twoStageRule;
	if (rule === 'four-hours')
		return `Food that starts below ${t(startC)} goes to ${t(secondGateC)} within ${durationText(ruleGates(rule, limits)[0].limitMin)}.`;
	return `Cooked food goes from ${tempNumber(startC, habit)} to ${t(firstGateC)} within ${durationText(limits.firstGateMin)} and to ${t(secondGateC)} within ${durationText(limits.secondGateMin)} in all, counted from ${t(startC)}. Above ${t(firstGateC)} as the first time ends and seen then: reheat to ${t(reheatC)} and cool again, once. Seen later, or the second missed: discard.`;
}
