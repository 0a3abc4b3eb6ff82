import type { Body } from '../../heat/body.ts';
import { leastOf, mostOf, type Doneness } from './doneness.ts';

/** What goes with food that is moved from one appliance to another. */
export interface FoodSoFar {
	/** its pieces as they are; null: it is all liquid, or has been stirred into one temperature */
	body: { cells: Body; doneness: Doneness } | null;
	meanC: number;
	liquidC: number;
	/** cooking it has had, minutes at 100 °C, the least of it and its mean; minutes at 70 °C; minutes between 5 and 60 °C */
	coldestCookMin: number;
	meanCookMin: number;
	lethality70Min: number;
	dangerMin: number;
}

/**
 * Puts food that was begun elsewhere into a body: cell by cell where the pieces are the same, otherwise all of it at its mean heat with
 * the least cooking any of it has had.
 */
export function takeInto(to: { cells: Body; doneness: Doneness }, from: FoodSoFar): void {
	if (from.body && isSameGrid(from.body.cells, to.cells)) {
		to.cells.enthalpy.set(from.body.cells.enthalpy);
		to.doneness.takeOver(from.body.doneness);
		return;
	}
	to.cells.enthalpy.fill(to.cells.table.enthalpyAt(from.meanC));
	to.doneness.fill(from);
}

const isSameGrid = ({ grid: a }: Body, { grid: b }: Body): boolean =>
	a.cells === b.cells && a.volumeM3.every((volume, cell) => volume === b.volumeM3[cell]);

/** Sums up a body for what comes after it. */
export const bodySoFar = (cells: Body, doneness: Doneness): Omit<FoodSoFar, 'liquidC'> => ({
	body: { cells, doneness },
	meanC: cells.tempAt(cells.totalJ() / cells.volumeM3()),
	coldestCookMin: leastOf(doneness.cookMin),
	meanCookMin: doneness.meanCookMin(),
	lethality70Min: leastOf(doneness.lethalMin),
	dangerMin: mostOf(doneness.dangerMin)
});
