import type { SourceKey } from './sources.ts';

export type StorageGroup =
	| 'soup-stew'
	| 'cooked-meat-poultry'
	| 'casserole'
	| 'egg-bake'
	| 'pizza'
	| 'gravy'
	| 'bacon'
	| 'sausage-raw'
	| 'sausage-cooked'
	| 'cured-meat'
	| 'ground-meat'
	| 'steaks-chops-roasts'
	| 'poultry-whole'
	| 'poultry-pieces'
	| 'fish-lean'
	| 'fish-oily'
	| 'shellfish'
	| 'egg-raw'
	| 'vegetables'
	| 'fruit'
	| 'bread-bakes'
	| 'grains-pulses'
	| 'soft-dairy';

export interface QualityMonths {
	readonly from: number;
	readonly to: number;
	readonly source: SourceKey;
}

/**
 * Months of good quality at −18 °C, from memory (sources by key). `null`: no published figure at hand; a house rule decides.
 * Food kept at −18 °C stays safe for longer; these are figures of quality.
 */
export const storageLifeTable: Readonly<Record<StorageGroup, QualityMonths | null>> = {
	'soup-stew': { from: 2, to: 3, source: 'cold-food-storage-chart' },
	'cooked-meat-poultry': { from: 2, to: 6, source: 'cold-food-storage-chart' },
	casserole: { from: 2, to: 3, source: 'fsis-freezing' },
	'egg-bake': { from: 2, to: 3, source: 'cold-food-storage-chart' },
	pizza: { from: 1, to: 2, source: 'cold-food-storage-chart' },
	gravy: { from: 2, to: 3, source: 'fsis-freezing' },
	bacon: { from: 1, to: 1, source: 'cold-food-storage-chart' },
	'sausage-raw': { from: 1, to: 2, source: 'cold-food-storage-chart' },
	'sausage-cooked': { from: 1, to: 2, source: 'cold-food-storage-chart' },
	'cured-meat': { from: 1, to: 2, source: 'cold-food-storage-chart' },
	'ground-meat': { from: 3, to: 4, source: 'cold-food-storage-chart' },
	'steaks-chops-roasts': { from: 4, to: 12, source: 'cold-food-storage-chart' },
	'poultry-whole': { from: 12, to: 12, source: 'cold-food-storage-chart' },
	'poultry-pieces': { from: 9, to: 9, source: 'cold-food-storage-chart' },
	'fish-lean': { from: 6, to: 8, source: 'cold-food-storage-chart' },
	'fish-oily': { from: 2, to: 3, source: 'cold-food-storage-chart' },
	shellfish: { from: 3, to: 6, source: 'foodkeeper' },
	'egg-raw': { from: 12, to: 12, source: 'cold-food-storage-chart' },
	vegetables: { from: 8, to: 12, source: 'nchfp-freezing' },
	fruit: { from: 8, to: 12, source: 'nchfp-freezing' },
	'bread-bakes': { from: 2, to: 3, source: 'foodkeeper' },
	'grains-pulses': null,
	'soft-dairy': null
};

/** What a raw group keeps once it is cooked; groups not named keep their own figure. Never longer than cooked meat. */
export const cookedAs: Partial<Record<StorageGroup, StorageGroup>> = {
	'ground-meat': 'cooked-meat-poultry',
	'steaks-chops-roasts': 'cooked-meat-poultry',
	'poultry-whole': 'cooked-meat-poultry',
	'poultry-pieces': 'cooked-meat-poultry',
	'fish-lean': 'cooked-meat-poultry',
	'sausage-raw': 'sausage-cooked',
	'egg-raw': 'egg-bake'
};
