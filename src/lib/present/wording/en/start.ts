import type { Shown } from '../shown.ts';

export const start = {
	pageTitle: 'Settling in · Almacen',
	heading: ({ step }: { step: Shown }) => `Settling in: ${step}`,
	later: 'Later: start with what is usual',
	steps: 'Steps',
	shownSo: 'So a pack will be written',
	sampleDish: 'Chicken with leek and tarragon',
	nextAppliances: 'Next: appliances',
	nextFreezer: 'Next: freezer',
	appliancesHint: 'Not measured, or not owned? Leave it; it can be corrected later.',
	freezerTitle: 'Where the packs go',
	done: 'Done: write the first dish',
	freezerHint: 'A second freezer, and everything else, is in the household later.',
	freezer: 'freezer',
	kitchenTitle: 'Amounts and kitchen',
	appliancesTitle: 'Appliances',
	freezerStep: 'Freezer'
};
