/** Register of coded errors: what a broken call to the core can throw. Wording for cooks lives in `present/`. */
export const coreErrorCodes = {
	'not-a-number': 'A number was expected.',
	'below-range': 'The value is below what the model covers.',
	'above-range': 'The value is above what the model covers.',
	'composition-sum': 'Mass fractions must sum to 1 (0.97 to 1.03 is normalised).',
	'no-stages': 'At least one stage or place is needed.',
	'bad-day': 'A day is written YYYY-MM-DD.',
	'no-parts': 'At least one stored part is needed.',
	'unknown-task': 'Every task has an id of its own, and waits only for tasks that are there.',
	'mass-and-block': 'The weight and the size of the block do not belong together.',
	'no-room-for-food': 'The food does not leave room in this vessel.'
} as const;

export type CoreErrorCode = keyof typeof coreErrorCodes;

/** A broken call, with its numbers. Domain answers ("refused", "never reached") are values, not errors. */
export class CoreError extends Error {
	readonly code: CoreErrorCode;
	readonly values: Readonly<Record<string, number | string>>;
	constructor(code: CoreErrorCode, values: Record<string, number | string> = {}) {
		super(`${code}: ${coreErrorCodes[code]} ${JSON.stringify(values)}`);
		this.name = 'CoreError';
		this.code = code;
		this.values = values;
	}
}
