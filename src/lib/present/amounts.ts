import { formatQuantity } from 'format-quantity';
import { type MeasureName, measures } from '../core/units/index.ts';
import { massText, volumeText, type Habit } from './units.ts';

/** Units a cook of either habit keeps: spoons and counts; the rest belong to one system. */
const ofSystem: Partial<Record<MeasureName, Habit['system']>> = {
	g: 'metric',
	kg: 'metric',
	ml: 'metric',
	cl: 'metric',
	dl: 'metric',
	l: 'metric',
	oz: 'us',
	lb: 'us',
	'fl oz': 'us',
	cup: 'us',
	pint: 'us',
	quart: 'us',
	gallon: 'us'
};
const plurals: Partial<Record<MeasureName, string>> = {
	cup: 'cups',
	pint: 'pints',
	quart: 'quarts',
	gallon: 'gallons',
	pinch: 'pinches',
	handful: 'handfuls',
	can: 'cans'
};
const shown: Partial<Record<MeasureName, string>> = { ml: 'mL', l: 'L', cl: 'cL', dl: 'dL' };

/**
 * The amount of an ingredient line in the household's units and in cook's numbers: as typed when its unit is at home there
 * (1⅓ cups, 2 tbsp, 850 g), converted otherwise (2 cups as 470 mL, 1 lb as 450 g). Empty when it was left open.
 */
export function lineAmountText(
	line: { quantity: number | null; quantityTo: number | null; unit: MeasureName | null },
	habit: Habit
): string {
	const { quantity, quantityTo } = line;
	if (quantity === null) return '';
	const unit = line.unit ?? 'piece';
	const larger = unit === 'ml' ? 'l' : unit === 'g' ? 'kg' : null;
	if (larger && quantity >= 1000)
		return lineAmountText(
			{ quantity: quantity / 1000, quantityTo: quantityTo && quantityTo / 1000, unit: larger },
			habit
		);
	const measure = measures[unit];
	const home = ofSystem[unit];
	const foreign = home !== undefined && home !== habit.system;
	const one = (value: number) => {
		if (foreign && measure.kind === 'mass') return massText(value * measure.kg, habit);
		if (foreign && measure.kind === 'volume') return volumeText(value * measure.litres, habit);
		return cooksNumber(value, home === 'metric');
	};
	const range = quantityTo === null ? one(quantity) : `${one(quantity)}–${one(quantityTo)}`;
	if (foreign || unit === 'piece') return range;
	const many = Math.max(quantity, quantityTo ?? 0) > 1;
	return `${range} ${(many && plurals[unit]) || shown[unit] || unit}`;
}

/** As spoons and cups have it: the nearest third or eighth where that is within a hundredth, else two places. */
function asMeasured(value: number): number {
	for (const parts of [1, 2, 3, 4, 8]) {
		const near = Math.round(value * parts) / parts;
		if (near > 0 && Math.abs(near - value) <= 0.01 * Math.max(1, value)) return near;
	}
	return Math.round(value * 100) / 100;
}

/** Thirds, quarters and eighths as fractions; metric amounts as decimals. */
export function cooksNumber(value: number, decimal: boolean): string {
	if (decimal) return String(Math.round(value * 100) / 100);
	return formatQuantity(asMeasured(value), { vulgarFractions: true }) ?? String(value);
}
