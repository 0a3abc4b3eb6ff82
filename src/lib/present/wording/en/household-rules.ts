import type { Shown } from '../shown.ts';

export const householdRules = {
	labelNutrition: 'Energy and nutrients on the labels of new packs',
	houseRulesAlmacen: 'House rules · Almacen',
	houseRules: 'House rules',
	theHousehold: 'The household',
	yourChoices: 'Your choices',
	onListsAndLabels: 'On lists and labels leads',
	monthsWhereNoFigure: 'Months where no figure is published',
	cookedGrainsAndPulses: 'cooked grains and pulses alone, soft dairy; empty: no date is computed',
	yourLimits: 'Your limits',
	theyCanBeTightened: (a: Shown) => `They can be tightened, never loosened. ${a}`,
	firstGateWithin: 'First gate within',
	hToH: '1 h to 2 h',
	secondGateWithin: 'Second gate within',
	hToH2: '3 h to 6 h',
	inASlowCooker: (a: Shown) => `In a slow cooker, between ${a} at most`,
	hToHFor: '1 h to 4 h, for the worst part of meat or cooked food',
	addedToEveryCore: 'Added to every core temperature',
	asPublished: (a: Shown) => `${a}; 0: as published`,
	saveTheRules: 'Save the rules',
	saved: 'Saved.',
	coolingVerdictsFollowAt: (a: Shown) =>
		`Cooling verdicts follow at once; cook cards and dates of packs made from now on. ${a}`,
	whereCooksDifferAnd: 'Where cooks differ, and what is done here',
	theLowEndOf: 'the low end of the published range',
	theHighEndOf: 'the high end of the published range'
};
