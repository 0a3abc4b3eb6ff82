import type { Shown } from '../shown.ts';

export const whatIf = {
	title: 'As if it were',
	thickness: 'Thickness',
	weight: 'Weight',
	asPacked: 'As it was packed',
	notTheLabel: (count: Shown, thickness: Shown, mass: Shown) =>
		`As if ${count} × ${thickness} thick and ${mass}: not what the label says.`,
	today:
		'Computed with your appliances and limits as they are now; where the label differs, it is said below.',
	together: 'Packs together',
	lie: 'They lie',
	sideBySide: 'side by side',
	stacked: 'stacked',
	computing: (done: Shown, of: Shown) => `Computing: ${done} of ${of} ways`,
	failed: 'It cannot be computed so. Change it, or go back to how it was packed.'
};
