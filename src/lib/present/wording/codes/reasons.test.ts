import assert from 'node:assert/strict';
import { it } from 'node:test';
import { adoptedLimits, cautionCodes, reasonCodes } from '../../../core/rules/index.ts';
import { containerKeys, sources } from '../../../core/published/index.ts';
import { cautionText } from './cautions.ts';
import { coolingRuleText } from './cooling-words.ts';
import { metricHabit, usHabit } from '../../habit.ts';
import { houseRules } from './house-rules.ts';
import { reasonText } from './reasons.ts';
import { containerText } from './words.ts';

/** A value for everything a reason may show. */
const values = {
	likely: 4.2,
	worst: 6.6,
	limitH: 4,
	thicknessM: 0.06,
	limitM: 0.05,
	massKg: 2.5,
	limitKg: 1.5,
	fill01: 0.8,
	most01: 0.66,
	longestMin: 960,
	likelyMin: 300,
	minutes: 42,
	limitMin: 120,
	litres: 0.24,
	cookMin: 30,
	recipeMin: 8,
	safeMin: 14,
	least01: 0.35,
	waitingH: 3,
	mostKg: 2,
	limitC: 170,
	bathC: 62,
	coreC: 74,
	endC: 30
};
const texts = (habit: typeof metricHabit) => [
	...reasonCodes.map((code) => reasonText({ code, values }, habit)),
	...cautionCodes.map((code) => cautionText(code, habit).text),
	...containerKeys.map((key) => containerText(key, habit)),
	...houseRules(habit).flatMap((rule) => [rule.here, rule.why]),
	coolingRuleText('two-stage', adoptedLimits, habit),
	coolingRuleText('four-hours', adoptedLimits, habit)
];

it('every reason has words, and none shows a value that is not there', () => {
	for (const habit of [metricHabit, usHabit])
		for (const text of texts(habit))
			assert.ok(text.length > 5 && !/undefined|NaN|null/.test(text), text);
});

it('one switch changes every unit', () => {
	for (const text of texts(usHabit)) assert.doesNotMatch(text, /°C|\d (kg|g|mm|cm|mL|L)\b/, text);
	for (const text of texts(metricHabit))
		assert.doesNotMatch(text, /°F|\d (lb|oz|in|cups?|qt)\b/, text);
});

it('the rule of law is the published one in either unit (US FDA Food Code 2022, 3-501.14: 135, 70, 41 °F)', () => {
	const rule = coolingRuleText('two-stage', adoptedLimits, usHabit);
	for (const wanted of ['135', '70 °F', '41 °F', '2 h', '6 h'])
		assert.ok(rule.includes(wanted), `${wanted} in ${rule}`);
});

it('every rule of an agency has a day on which it is looked at again', () => {
	for (const [key, source] of Object.entries(sources))
		if (
			/FDA|USDA|FoodSafety/.test(source.publisher) &&
			source.via === 'from memory' &&
			key !== 'food-data-household'
		)
			assert.match('reviewAfter' in source ? source.reviewAfter : '', /^\d{4}-\d\d-\d\d$/, key);
});
