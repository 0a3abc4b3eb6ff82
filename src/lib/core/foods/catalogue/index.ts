import { answers } from './answers.ts';
import { dairy, eggs, plantDairy } from './dairy.ts';
import { fish, readyFish, shellfish } from './fish.ts';
import { driedFruit, fruit } from './fruit.ts';
import { bread, grains } from './grains.ts';
import { meat, meatSubstitutes, mincedMeat, poultry, readyMeat } from './meat.ts';
import { drinks, oils, sauces, spices, sweet } from './pantry.ts';
import { cookedPulses, driedPulses, nuts } from './pulses-nuts.ts';
import type { Family } from './row.ts';
import { herbs, vegetables } from './vegetables.ts';

/**
 * The item catalogue. Compositions remembered from general composition tables, rounded, where a row does not name IFCT 2017;
 * household weights from memory of USDA FoodData Central.
 */
export const families: readonly Family[] = [
	vegetables,
	herbs,
	fruit,
	driedFruit,
	meat,
	mincedMeat,
	poultry,
	readyMeat,
	meatSubstitutes,
	fish,
	shellfish,
	readyFish,
	dairy,
	plantDairy,
	eggs,
	grains,
	bread,
	driedPulses,
	cookedPulses,
	nuts,
	oils,
	sweet,
	spices,
	sauces,
	drinks,
	answers
];
