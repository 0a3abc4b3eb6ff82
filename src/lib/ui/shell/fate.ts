/** What an answer means for an entry that waited on a device: it is there; the cook has to see why it is not; or it is sent again later. */
export type Fate = 'taken' | 'refused' | 'later';

/** Refused for now, whatever the entry says: not signed in, not from here, too slow, too often. */
const later: ReadonlySet<number> = new Set([401, 403, 407, 408, 421, 425, 429]);

/** By the status of an answer, the one a form's answer names inside it where there is one. */
export function fateOf(status: number): Fate {
	if (status >= 200 && status < 400) return 'taken';
	return status >= 400 && status < 500 && !later.has(status) ? 'refused' : 'later';
}
