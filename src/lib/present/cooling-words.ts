import type { CoolingView } from '../core/cooling/cooling-view.ts';
import { twoStageRule } from '../core/safety/two-stage-rule.ts';
import { durationText } from './time.ts';
import { tempText, type UnitHabit } from './units.ts';

/** The outcome of a run in one sentence, and what to do about it. */
export function coolingSentence(
	view: CoolingView,
	rule: 'two-stage' | 'four-hours',
	place: string,
	habit: UnitHabit
): { says: string; todo: string } {
	const t = (tempC: number) => tempText(tempC, habit);
	const { firstGateC, secondGateC } = twoStageRule;
	const first = rule === 'two-stage' ? passes(view.to21Min, t(firstGateC)) : '';
	const second = passes(view.to5Min, t(secondGateC));
	const says = [first, second].filter(Boolean).join(' ');
	if (view.verdict === 'pass') return { says, todo: '' };
	const flatter = 'Tip it into wide dishes at most 3 cm deep, in the refrigerator';
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

/** The rule, spelled out, for the panel behind a verdict. */
export const coolingRuleText = {
	'two-stage':
		'Cooked food goes from 57 to 21 °C within 2 hours and to 5 °C within 6 hours in all, counted from 57 °C. Above 21 °C as the two hours end and seen then: reheat to 74 °C and cool again, once. Seen later, or six hours missed: discard.',
	'four-hours': 'Food that starts below 57 °C goes to 5 °C within 4 hours.'
} as const;
