import { getContext, setContext } from 'svelte';
import type { ObjectSchema } from 'yup';

/** What the fields of a form share: what is typed, what is said of it, and the schema they are read by. */
export interface FormScope {
	readonly typed?: Record<string, string>;
	readonly errors: Record<string, string>;
	/** the unit a bare number is taken in; none where the field has none */
	unitOf(name: string): string | undefined;
}

const key = Symbol('form');

/** Lets the fields below take their value, error and unit by their name alone. Called once while the form's component starts. */
export function formScope(form: {
	typed?: () => Record<string, string>;
	errors: () => Record<string, string>;
	schema?: () => ObjectSchema<object>;
}): void {
	setContext<FormScope>(key, {
		get typed() {
			return form.typed?.();
		},
		get errors() {
			return form.errors();
		},
		unitOf(name) {
			const fields = form.schema?.().fields as Record<string, object> | undefined;
			const field = fields?.[name];
			const spec =
				field && 'spec' in field ? (field.spec as { meta?: { unit?: string } }) : undefined;
			return spec?.meta?.unit;
		}
	});
}

/** The scope a field stands in; undefined for one by itself. */
export const formScopeOf = (): FormScope | undefined => getContext<FormScope | undefined>(key);
