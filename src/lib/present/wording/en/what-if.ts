import type { Shown } from '../shown.ts';

export const whatIf = {
	title: 'As if it were',
	thickness: 'Thickness',
	weight: 'Weight',
	asPacked: 'As it was packed',
	notTheLabel: (thickness: Shown, mass: Shown) =>
		`As if ${thickness} thick and ${mass}: not what the label says.`,
	computing: (done: Shown, of: Shown) => `Computing: ${done} of ${of} ways`,
	failed: 'It cannot be computed so. Change it, or go back to how it was packed.'
};
