import type { MeasureName } from '../units/measures.ts';
import { likeOf } from './item-catalogue.ts';
import { scaledAmount, type ScaledLine } from './scaled-amount.ts';

interface Line {
	quantity: number | null;
	quantityTo: number | null;
	unit: MeasureName | null;
	itemName: string | null;
}

/** Cans, eggs and other things that come whole. */
const wholeUnits: ReadonlySet<MeasureName> = new Set(['can', 'jar', 'packet', 'sachet', 'cube']);
const wholeItems = new Set(['egg', 'puff pastry', 'tortilla', 'stock cube']);

/** Whether a line is bought and used whole. */
export const comesWhole = ({ unit, itemName }: Pick<Line, 'unit' | 'itemName'>): boolean =>
	(unit !== null && wholeUnits.has(unit)) ||
	((unit === 'piece' || unit === null) &&
		itemName !== null &&
		wholeItems.has(likeOf(itemName) ?? itemName));

/** A line for another number of servings: amounts by the factor, what comes whole to whole ones. */
export const scaledLine = (line: Line, factor: number): ScaledLine =>
	scaledAmount({ ...line, whole: comesWhole(line) }, factor);
