/** A field of a form that somebody else changed while it was open. */
export interface ChangedField {
	name: string;
	was: string;
	is: string;
}

/** What is told of a form that was opened before: the fields that changed, and what it would show now. */
export interface StaleFields {
	changed: ChangedField[];
	seen: string;
}

/** What a form showed when it was opened, to be sent with it. */
export const seenText = (texts: Readonly<Record<string, string>>): string => JSON.stringify(texts);

/** Longest part of a text that is said when it was changed, characters. */
const mostSaid = 80;
const shortened = (text: string) => (text.length > mostSaid ? `${text.slice(0, mostSaid)}…` : text);

/**
 * The fields that are not as the form showed them when it was opened. `seen` is what `seenText` made of them; text of any other
 * kind says nothing.
 */
export function changedSince(seen: string, now: Readonly<Record<string, string>>): ChangedField[] {
	let shown: unknown;
	try {
		shown = JSON.parse(seen);
	} catch (error) {
		if (error instanceof SyntaxError) return [];
		throw error;
	}
	if (typeof shown !== 'object' || shown === null) return [];
	const before = shown as Record<string, unknown>;
	return Object.keys({ ...before, ...now }).flatMap((name) => {
		const was = typeof before[name] === 'string' ? before[name] : '';
		const is = now[name] ?? '';
		return was === is ? [] : [{ name, was: shortened(was), is: shortened(is) }];
	});
}
