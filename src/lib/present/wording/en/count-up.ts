import type { Shown } from '../shown.ts';

export const countUp = {
	title: 'Count up · Almacen',
	heading: 'Count up what is really there',
	how: 'Shelf by shelf: tick, scan or type what you see. Nothing changes until you settle the differences at the end; what you ticked stays on this device till then.',
	shelf: 'Shelf',
	nothing: 'By the list nothing lies here. Scan or type what you find.',
	code: 'Code, or scan it',
	add: 'It is there',
	camera: 'Scan with the camera',
	seen: (n: Shown, of: Shown) => `${n} of ${of} seen`,
	there: 'there',
	differences: 'Differences',
	none: 'No differences so far.',
	missing: (n: Shown) => `${n} on the list were not seen: they are taken off it.`,
	extra: (n: Shown) => `${n} seen here are not on this shelf’s list: they are put on it.`,
	allSeen: 'Tick all',
	settle: 'Settle the differences',
	settled: (missing: Shown, found: Shown, moved: Shown) =>
		`Settled: ${missing} taken off the list, ${found} put back on it, ${moved} moved to this shelf.`,
	from: (shelf: Shown) => `by the list: ${shelf}`
};
