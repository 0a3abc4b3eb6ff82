import { measures, type MeasureName } from '../units/measures.ts';
import { itemByName, type Item } from './item-catalogue.ts';

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

/** Kilograms of a line as it is kept: its item by the catalogue's name, a range by its middle, a unit nobody knows as open. */
export function lineKg(line: {
	quantity: number | null;
	quantityTo: number | null;
	unit: string | null;
	itemName: string | null;
}): number | null {
	const quantity =
		line.quantity !== null && line.quantityTo !== null
			? (line.quantity + line.quantityTo) / 2
			: line.quantity;
	const unit = line.unit && line.unit in measures ? (line.unit as MeasureName) : null;
	return lineMassKg({ quantity, unit, item: line.itemName ? itemByName(line.itemName) : null });
}
