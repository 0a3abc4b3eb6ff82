import { measures, type MeasureName } from '../units/measures.ts';
import { itemByName, type Item } from './item-catalogue.ts';

/** What a line says of its amount, as it is kept. */
export interface LineAmountKept {
	quantity: number | null;
	quantityTo: number | null;
	unit: string | null;
	itemName: string | null;
	/** how it is got ready: "drained" leaves a can's liquid behind */
	cut?: string | null;
	form?: string | null;
}

/** What a can of an item without a figure of its own holds, kg (common practice, no source). */
const usualCanKg = 0.4;
/** Units that weigh what another one does where an item has no figure for them. */
const alike: Partial<Record<MeasureName, readonly MeasureName[]>> = {
	piece: ['piece'],
	head: ['piece'],
	leaf: ['piece'],
	rasher: ['slice'],
	slice: ['rasher'],
	knob: ['thumb', 'stick'],
	thumb: ['knob', 'stick'],
	envelope: ['sachet', 'packet'],
	sachet: ['packet', 'envelope'],
	pouch: ['packet'],
	packet: ['sachet', 'bag', 'box', 'block', 'pouch'],
	bag: ['packet'],
	box: ['packet'],
	tub: ['pot', 'packet'],
	pot: ['tub'],
	carton: ['can', 'box'],
	brick: ['block'],
	bar: ['block'],
	crown: ['head']
};
/** Where one of its kind is not weighed (common practice, no source). */
const usualKg: Partial<Record<MeasureName, number>> = {
	bunch: 0.05,
	sprig: 0.002,
	can: usualCanKg
};

/** Kilograms of one ingredient line; null when the quantity, the unit or the item's density or piece weight is not known. */
export function lineMassKg(line: {
	quantity: number | null;
	unit: MeasureName | null;
	item: Item | null;
}): number | null {
	const { quantity, unit, item } = line;
	if (quantity === null || unit === null) return null;
	const own = item?.unitKg[unit];
	if (own !== undefined && own > 0) return quantity * own;
	const measure = measures[unit];
	switch (measure.kind) {
		case 'mass':
			return quantity * measure.kg;
		case 'volume':
			return item && quantity * measure.litres * item.densityKgPerL;
		case 'count': {
			if (!item) return null;
			const each =
				alike[unit]
					?.map((other) => (other === 'piece' ? item.pieceKg : item.unitKg[other]))
					.find(Boolean) ?? usualKg[unit];
			return each ? quantity * each : null;
		}
	}
}

/** Share of a can's weight that goes into the dish: without its liquid when the line says it is drained. */
function usedShare(line: LineAmountKept, item: Item | null): number {
	const drained = line.form === 'canned' && /\b(drained|rinsed)\b/i.test(line.cut ?? '');
	return drained && item?.drained01 ? item.drained01 : 1;
}

/** Kilograms of a line as it is bought, its can's liquid included; else as `lineKg`. */
export function boughtKg(line: LineAmountKept): number | null {
	const quantity =
		line.quantity !== null && line.quantityTo !== null
			? (line.quantity + line.quantityTo) / 2
			: line.quantity;
	const unit = line.unit && line.unit in measures ? (line.unit as MeasureName) : null;
	return lineMassKg({ quantity, unit, item: line.itemName ? itemByName(line.itemName) : null });
}

/**
 * Kilograms of a line that go into the dish: its item by the catalogue's name, a range by its middle, a can without its liquid
 * when it is drained; null when the amount or its unit is not known.
 */
export function lineKg(line: LineAmountKept): number | null {
	const massKg = boughtKg(line);
	if (massKg === null) return null;
	return massKg * usedShare(line, line.itemName ? itemByName(line.itemName) : null);
}
