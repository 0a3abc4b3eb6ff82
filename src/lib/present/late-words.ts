import type { LateAddition } from '../core/serving/index.ts';
import { rangeText } from './time.ts';
import * as w from './wording/index.ts';

/** When to add something late, in words. */
export function lateText({ kind, items, how, minutes }: LateAddition): string {
	const names = items.join(', ');
	const time = rangeText(minutes.from, minutes.to);
	const dairy = kind === 'soft-dairy';
	if (how === 'after-opening')
		return dairy
			? w.late.dairyOpened({ items: names })
			: w.late.afterOpening({ items: names, minutes: time });
	if (dairy) return w.late.dairy({ items: names, minutes: time });
	if (how === 'last-open') return w.late.lastOpen({ items: names, minutes: time });
	if (kind === 'thickener') return w.late.thickener({ items: names, minutes: time });
	return kind === 'pasta'
		? w.late.pasta({ items: names, minutes: time })
		: w.late.inPot({ items: names, minutes: time });
}
