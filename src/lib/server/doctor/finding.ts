/** One thing a look at a data folder found, in words: what it is and, where it is bad, what to do. */
export interface Finding {
	good: boolean;
	says: string;
}

export const good = (says: string): Finding => ({ good: true, says });
export const bad = (says: string): Finding => ({ good: false, says });

/** What PostgreSQL or the system said, on one line, short enough for a sentence. */
export const reasonOf = (error: unknown): string =>
	(error instanceof Error ? error.message : String(error)).split('\n')[0].slice(0, 200);

/** What the database's runtime says when it gives up, which tells nobody anything. */
const wordless = /^(Aborted\(|PGlite failed|unreachable|memory access)/;

/** The database itself cannot be opened. */
export const doesNotOpen = (why: string): Finding =>
	bad(
		`The database does not open: ${
			wordless.test(why) ? 'what it begins with (its control file or its log) is damaged' : why
		}. Put a copy back.`
	);
