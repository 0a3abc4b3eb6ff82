import type { MeasureName } from '../units/measures.ts';
import { likeOf } from './item-catalogue.ts';

export interface ScaledLine {
	quantity: number | null;
	quantityTo: number | null;
	unit: MeasureName | null;
	/** what it would be exactly, when it was made a whole one */
	exact: number | null;
}

/** Cans, eggs and other things that come whole. */
const wholeUnits: ReadonlySet<MeasureName> = new Set(['can', 'jar', 'packet', 'sachet', 'cube']);
const wholeItems = new Set(['egg', 'puff pastry', 'tortilla', 'stock cube']);

/**
 * A line for another number of servings: amounts by the factor; cans, eggs and the like to whole ones (at least one), with what
 * it would be exactly beside it.
 */
export function scaledLine(
	line: {
		quantity: number | null;
		quantityTo: number | null;
		unit: MeasureName | null;
		itemName: string | null;
	},
	factor: number
): ScaledLine {
	const times = (value: number | null) => (value === null ? null : value * factor);
	const quantity = times(line.quantity);
	const quantityTo = times(line.quantityTo);
	const { unit } = line;
	const whole =
		(unit !== null && wholeUnits.has(unit)) ||
		((unit === 'piece' || unit === null) &&
			line.itemName !== null &&
			wholeItems.has(likeOf(line.itemName) ?? line.itemName));
	if (!whole || quantity === null) return { quantity, quantityTo, unit, exact: null };
	const rounded = Math.max(1, Math.round(quantity));
	return {
		quantity: rounded,
		quantityTo: quantityTo === null ? null : Math.max(rounded, Math.round(quantityTo)),
		unit,
		exact: Math.abs(rounded - quantity) > 0.05 ? quantity : null
	};
}
