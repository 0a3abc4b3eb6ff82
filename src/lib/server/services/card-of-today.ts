import type { CookCard, CookCardInput } from '../../core/table/cook-card.ts';
import type { Compute } from '../core-worker.ts';

/** Cards computed anew since the server started, newest last; a household looks at a handful an evening. */
const kept = new Map<string, Promise<CookCard>>();
const mostKept = 60;

/** The card of a pack as the household is today; the same question is computed once. */
export function cardOfToday(compute: Compute, input: CookCardInput): Promise<CookCard> {
	const key = JSON.stringify(input);
	const known = kept.get(key);
	if (known) return known;
	const card = compute('card', input);
	kept.set(key, card);
	card.catch(() => kept.delete(key));
	const oldest = kept.keys().next();
	if (kept.size > mostKept && !oldest.done) kept.delete(oldest.value);
	return card;
}
