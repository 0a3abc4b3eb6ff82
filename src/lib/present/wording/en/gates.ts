import type { Shown } from '../shown.ts';

export const gates = {
	title: 'What to do',
	onTheWay: 'Nothing: it is on its way.',
	helpIt: (temp: Shown, left: Shown) =>
		`As it stands it will not be at ${temp} in time. There are ${left} left to help it.`,
	helps: 'From here these still pass, the least work first:',
	noHelp:
		'None of the usual ways would be quick enough any more: stir it in ice with plenty of salt-free ice now, in small vessels, and measure.',
	computing: 'Looking for what still helps…',
	wayLine: (way: Shown, temp: Shown, time: Shown) => `${way}: at ${temp} after ${time}`,
	ice: (mass: Shown) => `${mass} of ice`,
	measureNow: (temp: Shown) =>
		`The limit for ${temp} is here and nobody has measured. Measure in the middle now.`,
	reheat: (above: Shown, to: Shown) =>
		`It is above ${above} as the two hours end. Reheat all of it to ${to} now and cool it again, the quick way. This may be done once.`,
	reheated: (to: Shown) => `It has been at ${to}: cool it again`,
	coolBy: 'Cool it by',
	discard: 'Discard it. Do not taste it.',
	whySeenLate: (temp: Shown) =>
		`It was above ${temp} when its two hours ended, and that was seen too late.`,
	whySixHours: (temp: Shown) => `It was not at ${temp} within six hours.`,
	whyFourHours: (temp: Shown) => `It was not at ${temp} within its four hours.`,
	whyReheated: 'It was reheated once already and missed the limit again.',
	discarded: 'It is discarded',
	cold: (temp: Shown) => `It is cold. Pack it, or keep it at ${temp} or below.`,
	coldForecast: 'By the forecast it is cold. Measure once in the middle, then pack it.',
	decided: (what: Shown, at: Shown, temp: Shown) => `${what} at ${at}, ${temp}`,
	decisionReheated: 'Reheated',
	decisionDiscarded: 'Discarded',
	reheatOf: 'Cooled again after reheating.',
	rule: 'The rule: US FDA Food Code 2022, 3-501.14. Your local food-safety authority leads where it is stricter.',
	compare: 'Compare ways to cool it',
	comparing: 'Computing each way…',
	compareTitle: 'Ways to cool it, the least work first',
	way: 'Way',
	verdict: 'Outcome',
	coldAfter: (temp: Shown) => `At ${temp} after`,
	takes: 'Takes',
	startThis: 'Start',
	startWay: (way: Shown) => `Start: ${way}`,
	proposed: 'least work that passes',
	tooMuch: (litres: Shown) => `more than the refrigerator takes at once (about ${litres})`,
	vessels: (count: Shown, depth: Shown) => `${count} × ${depth} deep`,
	never: 'not within a day',
	record: 'Cooling record',
	readingsCount: (count: Shown) => `${count} readings`,
	notFromFailed:
		'This food missed a cooling limit and is to be discarded: it cannot be packed. If a reading was wrong, take it out of the cooling record first.'
};
