import type { Shown } from '../shown.ts';

export const start = {
	settlingInAlmacen: 'Settling in · Almacen',
	settlingIn: (a: Shown) => `Settling in: ${a}`,
	laterStartWithWhat: 'Later: start with what is usual',
	steps: 'Steps',
	nextAppliances: 'Next: appliances',
	nextFreezer: 'Next: freezer',
	notMeasuredOrNot: 'Not measured, or not owned? Leave it; it can be corrected later.',
	whereThePacksGo: 'Where the packs go',
	doneWriteTheFirst: 'Done: write the first dish',
	aSecondFreezerAnd: 'A second freezer, and everything else, is in the household later.',
	freezer: 'freezer',
	amountsAndKitchen: 'Amounts and kitchen',
	appliances: 'Appliances',
	freezer2: 'Freezer'
};
