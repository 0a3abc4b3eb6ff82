import pino from 'pino';

/**
 * A line of JSON for each event, on the standard output (ALMACEN_LOG: debug, info, warn, error or silent; info unless said). What was
 * typed, names, codes and addresses of people never go in: `problem` says what went wrong without them.
 */
export const log = pino({ level: process.env.ALMACEN_LOG || 'info', base: null });

/** What an error is, as far as it can be said without what somebody typed: database errors quote the values they were given. */
export function problem(error: unknown): Record<string, unknown> {
	if (!(error instanceof Error)) return { kind: typeof error };
	const { code } = error as { code?: unknown };
	return {
		kind: error.name,
		...(typeof code === 'string' && { code }),
		at: (error.stack ?? '')
			.split('\n')
			.filter((line) => /^\s+at /.test(line))
			.slice(0, 8)
			.map((line) => line.trim()),
		...(error.cause instanceof Error && { cause: problem(error.cause) })
	};
}

/** What a promise that nobody waits for does when it fails: a line that says so. */
export const logFailure =
	(what: string, about: Record<string, number | string> = {}) =>
	(error: unknown): void =>
		log.error({ ...about, ...problem(error) }, what);
