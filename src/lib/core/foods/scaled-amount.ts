import type { MeasureName } from '../units/measures.ts';

export interface ScaledLine {
	quantity: number | null;
	quantityTo: number | null;
	unit: MeasureName | null;
	/** what it would be exactly, when it was made a whole one */
	exact: number | null;
}

/** An amount times a factor; what comes whole to whole ones (at least one), with what it would be exactly beside it. */
export function scaledAmount(
	{
		quantity: one,
		quantityTo: most,
		unit,
		whole
	}: {
		quantity: number | null;
		quantityTo: number | null;
		unit: MeasureName | null;
		/** cans, eggs and the like */
		whole: boolean;
	},
	factor: number
): ScaledLine {
	const times = (value: number | null) => (value === null ? null : value * factor);
	const quantity = times(one);
	const quantityTo = times(most);
	if (!whole || quantity === null) return { quantity, quantityTo, unit, exact: null };
	const rounded = Math.max(1, Math.round(quantity));
	return {
		quantity: rounded,
		quantityTo: quantityTo === null ? null : Math.max(rounded, Math.round(quantityTo)),
		unit,
		exact: Math.abs(rounded - quantity) > 0.05 ? quantity : null
	};
}
