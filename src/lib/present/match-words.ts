import type { MatchReason } from '../core/menu/index.ts';
import type { Habit } from './habit.ts';
import { massText, ovenText } from './units.ts';
import * as w from './wording/index.ts';

/** The first few of a list, and how many more. */
function some(items: readonly string[]): string {
	const shown = items.slice(0, 4).join(', ');
	return items.length > 4 ? `${shown} +${items.length - 4}` : shown;
}

/** Why a dish goes well with the day, in words. */
export function matchText(reason: MatchReason, habit: Habit): string {
	switch (reason.code) {
		case 'shares':
			return w.menuDay.shares({ items: some(reason.items) });
		case 'uses-up':
			return w.menuDay.usesUp({ mass: massText(reason.massKg, habit), items: some(reason.items) });
		case 'chopped-once':
			return w.menuDay.choppedOnce({ items: some(reason.items) });
		case 'same-oven':
			return w.menuDay.sameOven({ at: ovenText(reason.ovenC, habit) });
		case 'same-protein':
			return w.menuDay.sameProtein({ item: reason.item });
		case 'other-protein':
			return w.menuDay.otherProtein({ item: reason.item });
		case 'enough-frozen':
			return w.menuDay.enoughFrozen({ n: reason.servings });
	}
}
