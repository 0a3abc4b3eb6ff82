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
	computingToday:
		'Computing with your appliances and limits as they are now; until then you see the label’s figures.',
	together: 'Packs together',
	lie: 'They lie',
	sideBySide: 'side by side',
	stacked: 'stacked',
	computing: (done: Shown, of: Shown) => `Computing: ${done} of ${of} ways`,
	looseness: 'Loose once thawed',
	loose: (a: Shown) => `${a} × solid meat`,
	liquid: 'Liquid around it',
	keep: 'Keep for this pack',
	kept: 'Kept for this pack: computed so from now on.',
	forget: 'Back to how it was packed, and keep that',
	badChange:
		'That cannot be kept. Set thickness and weight again, or go back to how it was packed.',
	more: 'More assumptions',
	failed: 'It cannot be computed so. Change it, or go back to how it was packed.'
};
