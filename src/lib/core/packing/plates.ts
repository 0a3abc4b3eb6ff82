import { scaledLine } from '../foods/scale-dish.ts';
import type { DishKind } from '../published/dish-kinds.ts';
import type { MeasureName } from '../units/measures.ts';

/** A part of a plate: so much of a dish, or of something put on as it is. */
export interface PlatePart {
	/** null: put on as it is ("frozen peas") */
	dishId: number | null;
	name: string;
	/** on each plate */
	massKg: number;
}

/** What a plate takes of a dish. */
export interface DishOnPlate<L> {
	part: PlatePart;
	dish: { kind: DishKind; lines: readonly L[] };
	/** what a batch weighs packed, kg */
	packedKg: number;
}

interface Line {
	quantity: number | null;
	quantityTo: number | null;
	unit: MeasureName | null;
	itemName: string | null;
}

/**
 * A plate's lines, for one plate: those of its dishes in the share of each that lies on it. What follows from lines (how long it
 * keeps, its core, allergens, energy) follows for the plate from all its parts.
 */
export const plateLines = <L extends Line>(parts: readonly DishOnPlate<L>[]): L[] =>
	parts.flatMap(({ part, dish, packedKg }) => {
		const share = packedKg > 0 ? part.massKg / packedKg : 0;
		return dish.lines.map((line) => {
			const { quantity, quantityTo } = scaledLine({ ...line, itemName: null, unit: null }, share);
			return { ...line, quantity, quantityTo };
		});
	});

/** How a plate behaves when it is heated: as a plate, whatever lies on it; it goes into no pot. */
export const plateKind: DishKind = 'wrapped-single';

/** Servings of a dish that its part on a plate stands for, at least one. */
export const servingsOnPlate = (
	massKg: number,
	dish: { packedKg: number; servings: number }
): number => Math.max(1, Math.round((massKg * dish.servings) / Math.max(dish.packedKg, 1e-9)));
