import { daysBetween } from '../core/units/index.ts';
import * as w from './wording/index.ts';

export type BestByTone = 'good' | 'caution' | 'refused' | 'cold';

/** Within so many days a pack is to be eaten soon. */
const soonDays = 21;

/** How a pack stands to its best-by: a word and its tone. */
export function bestByWord(
	bestBy: string | null,
	today: string
): { tone: BestByTone; text: string } {
	const say = w.freezer;
	if (!bestBy) return { tone: 'caution', text: say.undated };
	const days = daysBetween(today, bestBy);
	if (days < 0) return { tone: 'refused', text: say.overdue({ days: -days }) };
	if (days <= soonDays)
		return { tone: 'caution', text: days === 0 ? say.useToday : say.daysLeft({ days }) };
	return { tone: 'cold', text: say.weeksLeft({ weeks: Math.floor(days / 7) }) };
}
