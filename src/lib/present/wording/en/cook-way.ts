import type { Shown } from '../shown.ts';

export const cookWay = {
	label: (says: Shown) => `The label says ${says}.`,
	likely: (a: Shown) => `likely ${a}`,
	inAllWithCome: (a: Shown) => `${a} in all, with come-up, release and ten minutes’ rest.`,
	outOfTheFreezer: 'Out of the freezer by',
	intoTheRefrigeratorOn: ', into the refrigerator on a tray.',
	switchOnBy: 'Switch on by',
	tooLateForThen: 'Too late for then.',
	theModelSays: 'The model says',
	whichIsNotAdvice: ', which is not advice.',
	middleAt: 'middle at',
	between: (a: Shown, b: Shown) => `· ${a} between ${b}`,
	full: (a: Shown) => `· ${a} % full`,
	stillGoodUntil: (a: Shown) => `· still good until ${a}`,
	onTheDay: (a: Shown) => `On the day: ${a}`,
	theRangeRunsFrom: (a: Shown) =>
		`${a} The range runs from one in ten sooner to one in ten later: power, losses, heat transfer, thickness, how the food conducts and its start are each let vary.`,
	kind: 'kind',
	weight: 'weight',
	block: 'block',
	start: 'start',
	altitude: 'altitude',
	cooker: 'cooker',
	recipeSays: 'recipe says',
	makeHotAgain: 'make hot again',
	nothingTheKindsOwn: 'nothing: the kind’s own target',
	cookingWantedMinutesAt: (a: Shown) => `cooking wanted, minutes at ${a}`,
	comeUp: 'come-up',
	worstPartBetween: (a: Shown) => `worst part between ${a}`,
	atWorst: (a: Shown, b: Shown) => `${a}, at worst ${b}`,
	atPressure: 'at pressure'
};
