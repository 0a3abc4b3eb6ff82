import type { Shown } from '../shown.ts';

export const late = {
	title: 'Add late',
	inPot: (items: Shown, minutes: Shown) => `${items}: into the pot ${minutes} before serving.`,
	pasta: (items: Shown, minutes: Shown) =>
		`${items}: into the pot ${minutes} before serving, with enough liquid to cover it.`,
	thickener: (items: Shown, minutes: Shown) =>
		`${items}: stirred into cold water, turned to high, ${minutes} before serving.`,
	dairy: (items: Shown, minutes: Shown) =>
		`${items}: stirred in for the last ${minutes}, not boiled.`,
	afterOpening: (items: Shown, minutes: Shown) =>
		`${items}: after opening, boiled ${minutes} with the lid off; never under pressure.`,
	dairyOpened: (items: Shown) => `${items}: after opening, stirred in; never under pressure.`,
	lastOpen: (items: Shown, minutes: Shown) => `${items}: for the last ${minutes}, uncovered.`
};
