import { fail } from '@sveltejs/kit';
import { changedSince, seenText } from '../present/seen.ts';

/**
 * The answer to a form that was opened before somebody else changed what it shows: nothing is saved, what changed is told, what
 * was typed stays, and sent again it counts. Null when nothing changed. `now`: what the form would show now.
 */
export function staleForm(
	raw: Readonly<Record<string, string>>,
	now: Readonly<Record<string, string>>
) {
	const changed = raw.seen === undefined ? [] : changedSince(raw.seen, now);
	return changed.length === 0
		? null
		: fail(409, { stale: { changed, seen: seenText(now) }, typed: { ...raw } });
}
