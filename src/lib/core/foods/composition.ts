import { CoreError } from '../errors.ts';
import { requireRange } from '../require-range.ts';

/** Mass fractions; normalised to sum 1 if the sum is within 0.97 to 1.03, otherwise an error. */
export interface Composition {
	water: number;
	protein: number;
	fat: number;
	carbohydrate: number;
	fibre: number;
	ash: number;
}

export const compositionKeys = [
	'water',
	'protein',
	'fat',
	'carbohydrate',
	'fibre',
	'ash'
] as const satisfies readonly (keyof Composition)[];

/**
 * The same composition, summing to exactly 1.
 * Throws `composition-sum` when the fractions sum to less than 0.97 or more than 1.03.
 */
export function normalisedComposition(composition: Readonly<Composition>): Composition {
	let sum = 0;
	for (const key of compositionKeys) sum += requireRange(key, composition[key], 0, 1.03);
	if (sum < 0.97 || sum > 1.03) throw new CoreError('composition-sum', { sum });
	const result = { ...composition };
	for (const key of compositionKeys) result[key] = composition[key] / sum;
	return result;
}
