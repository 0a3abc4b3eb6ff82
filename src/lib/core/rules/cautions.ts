import type { DishTrait } from '../foods/dish-traits.ts';

/** Where a decision is made. */
export type Decision = 'dish' | 'cool' | 'pack' | 'thaw' | 'cook';

/** The usual cautions; wording is in `present/`. */
export const cautionCodes = [
	'boil-dried-beans',
	'rice-cools-fast',
	'rice-one-day',
	'in-oil-cold',
	'not-stuffed',
	'not-half-done',
	'fish-not-raw',
	'fish-opened',
	'reheat-once',
	'plastic-off',
	'swollen'
] as const;
export type CautionCode = (typeof cautionCodes)[number];

/**
 * The cautions that belong to one decision about one dish or pack, the most serious first: each where it is decided, never all of
 * them at once.
 */
export function cautionsAt(
	decision: Decision,
	of: { traits: readonly DishTrait[]; state: 'raw' | 'cooked' }
): CautionCode[] {
	const has = (trait: DishTrait) => of.traits.includes(trait);
	const raw = of.state === 'raw';
	const all: Record<Decision, [CautionCode, boolean][]> = {
		dish: [
			['not-stuffed', has('stuffed-poultry')],
			['boil-dried-beans', has('dried-beans')],
			['not-half-done', has('raw-meat')],
			['in-oil-cold', has('in-oil')]
		],
		cool: [['rice-cools-fast', has('rice') && !raw]],
		pack: [
			['not-stuffed', has('stuffed-poultry')],
			['not-half-done', has('raw-meat')],
			['in-oil-cold', has('in-oil')]
		],
		thaw: [
			['in-oil-cold', has('in-oil')],
			['fish-opened', has('fish')],
			['rice-one-day', has('rice') && !raw],
			['swollen', true]
		],
		cook: [
			['boil-dried-beans', has('dried-beans') && raw],
			['fish-not-raw', has('fish')],
			['plastic-off', true],
			['reheat-once', !raw],
			['swollen', true]
		]
	};
	return all[decision].flatMap(([code, applies]) => (applies ? [code] : []));
}
