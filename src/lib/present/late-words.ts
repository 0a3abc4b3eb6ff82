import type { LateAddition } from '../core/serving/add-late.ts';
import { rangeText } from './time.ts';
import { w } from './wording/index.ts';

/** When to add something late, in words. */
export function lateText({ kind, items, how, minutes }: LateAddition): string {
	const names = items.join(', ');
	const time = rangeText(minutes.from, minutes.to);
	const dairy = kind === 'soft-dairy';
	if (how === 'after-opening')
		return dairy ? w.late.dairyOpened(names) : w.late.afterOpening(names, time);
	if (dairy) return w.late.dairy(names, time);
	if (how === 'last-open') return w.late.lastOpen(names, time);
	if (kind === 'thickener') return w.late.thickener(names, time);
	return kind === 'pasta' ? w.late.pasta(names, time) : w.late.inPot(names, time);
}
