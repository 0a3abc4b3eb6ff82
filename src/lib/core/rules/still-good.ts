import { refrigeratorDays } from '../published/after-thawing.ts';
import type { StorageGroup } from '../published/storage-life.ts';
import type { SourceKey } from '../published/sources.ts';
import { requireRange } from '../require-range.ts';
import { twoHours } from './two-hours.ts';

/** What somebody asks about, in the words of a kitchen. */
export const goodKinds = [
	'leftovers',
	'rice',
	'raw-poultry-fish-mince',
	'raw-whole-cut',
	'smoked-cured'
] as const;
export type GoodKind = (typeof goodKinds)[number];
export const goodPlaces = ['refrigerator', 'counter', 'hot-day', 'freezer'] as const;
export type GoodPlace = (typeof goodPlaces)[number];

const groupOf: Readonly<Record<GoodKind, StorageGroup>> = {
	leftovers: 'soup-stew',
	rice: 'grains-pulses',
	'raw-poultry-fish-mince': 'poultry-pieces',
	'raw-whole-cut': 'steaks-chops-roasts',
	'smoked-cured': 'cured-meat'
};

export interface StillGood {
	outcome: 'good' | 'last-day' | 'quality-only' | 'discard';
	reason:
		| 'within-days'
		| 'last-day'
		| 'past-days'
		| 'frozen-safe'
		| 'out-within'
		| 'out-too-long'
		| 'reheated-before'
		| 'swollen'
		| 'not-known';
	/** days or hours that are allowed; null: it is not a matter of time */
	limit: number | null;
	source: SourceKey;
}

/**
 * Whether something may still be eaten, by the rules alone: where it was and for how long (USDA FSIS, FoodSafety.gov; from memory). Smell
 * and look say nothing of most germs and are not asked. `amount`: days in the refrigerator or freezer, hours outside; null: nobody knows,
 * and then it is not eaten, frozen food apart.
 */
export function stillGood(input: {
	kind: GoodKind;
	place: GoodPlace;
	amount: number | null;
	/** it was made hot again once already, and stood again */
	reheated: boolean;
	/** the pack is blown up, spurts or foams */
	swollen: boolean;
}): StillGood {
	const source: SourceKey = 'cold-food-storage-chart';
	const discard = (reason: StillGood['reason'], limit: number | null = null): StillGood => ({
		outcome: 'discard',
		reason,
		limit,
		source
	});
	if (input.swollen) return discard('swollen');
	const { place, amount } = input;
	if (amount !== null) requireRange('amount', amount, 0, 1e5);
	if (place === 'freezer')
		return { outcome: 'quality-only', reason: 'frozen-safe', limit: null, source };
	if (input.reheated) return discard('reheated-before');
	if (place === 'refrigerator') {
		const days = refrigeratorDays[groupOf[input.kind]];
		if (amount === null) return discard('not-known', days);
		if (amount > days) return discard('past-days', days);
		return amount === days
			? { outcome: 'last-day', reason: 'last-day', limit: days, source }
			: { outcome: 'good', reason: 'within-days', limit: days, source };
	}
	const hours =
		input.kind === 'rice' ? twoHours.riceH : place === 'hot-day' ? twoHours.outHotH : twoHours.outH;
	if (amount === null) return discard('not-known', hours);
	return amount > hours
		? discard('out-too-long', hours)
		: { outcome: 'good', reason: 'out-within', limit: hours, source };
}
