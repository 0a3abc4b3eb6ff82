import { measures, type MeasureName } from '../units/measures.ts';
import type { Item } from './item-catalogue.ts';

/** Kilograms of one ingredient line; null when the quantity, the unit or the item's density or piece weight is not known. */
export function lineMassKg(line: {
	quantity: number | null;
	unit: MeasureName | null;
	item: Item | null;
}): number | null {
	if (line.quantity === null) return null;
	const measure = measures[line.unit ?? 'piece'];
	switch (measure.kind) {
		case 'mass':
			return line.quantity * measure.kg;
		case 'volume':
			return line.item && line.quantity * measure.litres * line.item.densityKgPerL;
		case 'count':
			return line.item?.pieceKg != null ? line.quantity * line.item.pieceKg : null;
	}
}
