import type { StorageGroup } from './storage-life.ts';

/**
 * Days food keeps in the refrigerator, raw before it is cooked or after it was thawed there, and cooked: the short end of the
 * published range (FoodSafety.gov cold food storage chart; USDA FSIS, The big thaw; from memory). Groups without a figure keep as
 * the strictest, a day.
 */
export const refrigeratorDays: Readonly<Record<StorageGroup, number>> = {
	'soup-stew': 3,
	'cooked-meat-poultry': 3,
	casserole: 3,
	'egg-bake': 3,
	pizza: 3,
	gravy: 3,
	/** opened or thawed, and home-cooked, as other cured meat: one figure for all smoked and cured */
	bacon: 3,
	'sausage-raw': 1,
	/** a dish of them is a leftover; seven days are for an unopened pack */
	'sausage-cooked': 3,
	'cured-meat': 3,
	'ground-meat': 1,
	'steaks-chops-roasts': 3,
	'poultry-whole': 1,
	'poultry-pieces': 1,
	'fish-lean': 1,
	'fish-oily': 1,
	shellfish: 1,
	'egg-raw': 1,
	vegetables: 3,
	fruit: 3,
	'bread-bakes': 3,
	/** rice leads: 24 hours (UK FSA) */
	'grains-pulses': 1,
	'soft-dairy': 1
};
