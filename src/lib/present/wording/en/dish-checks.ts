import type { Shown } from '../shown.ts';

export const dishChecks = {
	lineTooLong: (line: Shown, most: Shown) =>
		`Ingredients: line ${line} is longer than ${most} characters. Is it several lines in one? Break it where the next ingredient begins.`,
	name: 'Name',
	nameWhatIsIt: 'Name: what is it called?',
	servings: 'Servings',
	servingsHowManyDoes: 'Servings: how many does the recipe feed?',
	kind: 'Kind',
	kindChooseTheOne: 'Kind: choose the one that comes nearest.',
	rawOrCooked: 'Raw or cooked',
	rawOrCookedHow: 'Raw or cooked: how does it go into the freezer?',
	method: 'Method',
	toAddOnThe: 'To add on the day',
	appliance: 'Appliance',
	setting: 'Setting',
	settingLowOrHigh: 'Setting: low or high?',
	oven: 'Oven',
	ovenAtWhatTemperature: 'Oven: at what temperature?',
	from: 'From',
	fromDoesTheRecipe: 'From: does the recipe start thawed, frozen or fresh?',
	timeFrom: 'Time from',
	timeHowLongDoes: 'Time: how long does the recipe say?'
};
