import { formScopeOf } from './form-scope';

/**
 * Value and error of a field: its own where it is given one, else those of the form it stands in, by its name. `own` reads and writes
 * what the field was given.
 */
export function fieldState(
	name: () => string,
	own: {
		value: () => string | undefined;
		set: (next: string) => void;
		error: () => string | undefined;
		hint?: () => string | undefined;
	}
) {
	const scope = formScopeOf();
	return {
		get value(): string {
			return own.value() ?? scope?.typed?.[name()] ?? '';
		},
		set value(next: string) {
			if (own.value() === undefined && scope?.typed) scope.typed[name()] = next;
			else own.set(next);
		},
		get error(): string | undefined {
			return own.error() ?? scope?.errors[name()];
		},
		get hint(): string | undefined {
			return own.hint?.() ?? scope?.unitOf(name());
		}
	};
}
