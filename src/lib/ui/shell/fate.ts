/** What an answer means for an entry that waited on a device: it is there; the cook has to see why it is not; or it is sent again later. */
export type Fate = 'taken' | 'refused' | 'later';

/** What an answer says of an entry: its fate and, where it was refused, why. */
export interface Told {
	fate: Fate;
	says: string;
}

/** Refused for now, whatever the entry says: not signed in, not from here, too slow, too often. */
const later: ReadonlySet<number> = new Set([401, 403, 407, 408, 421, 425, 429]);
const longestSaid = 200;

/** By the status of an answer. */
export function fateOf(status: number): Fate {
	if (status >= 200 && status < 400) return 'taken';
	return status >= 400 && status < 500 && !later.has(status) ? 'refused' : 'later';
}

/**
 * What an answer says of an entry, read by `read`, which throws on what is no answer of the application (the page of a proxy, or of a
 * network that wants somebody to sign in): by that nothing was ever taken, whatever its status.
 */
export function toldBy(status: number, text: string, read: (text: string) => Told): Told {
	try {
		return read(text);
	} catch (error) {
		if (!(error instanceof SyntaxError)) throw error;
		const fate = fateOf(status);
		return { fate: fate === 'taken' ? 'later' : fate, says: text.slice(0, longestSaid) };
	}
}

/** What a form was answered, as the framework words it: its status stands inside. */
export type FormAnswer =
	| { type: 'success' | 'redirect' }
	| { type: 'failure'; status: number; data?: unknown }
	| { type: 'error'; status?: number; error?: { message?: string } };

/** Reads the answer to a form. */
export function formTold(answer: FormAnswer, status: number): Told {
	if (answer.type === 'success' || answer.type === 'redirect') return { fate: 'taken', says: '' };
	if (answer.type === 'failure')
		return {
			fate: fateOf(answer.status),
			says: firstSentence(answer.data) ?? String(answer.status)
		};
	if (answer.type === 'error')
		return { fate: fateOf(answer.status ?? status), says: answer.error?.message ?? '' };
	throw new SyntaxError('no answer to a form');
}

/** The first sentence in what a form was answered. */
function firstSentence(data: unknown): string | null {
	if (typeof data === 'string') return data.includes(' ') ? data.slice(0, longestSaid) : null;
	if (typeof data !== 'object' || data === null) return null;
	for (const part of Object.values(data)) {
		const text = firstSentence(part);
		if (text) return text;
	}
	return null;
}
