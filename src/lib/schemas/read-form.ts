import * as yup from 'yup';

/** What a form gave: the value in canonical units, or a message by field; the typed text is never touched. */
export type FormResult<T> = { ok: true; value: T } | { ok: false; errors: Record<string, string> };

/** Reads raw form text through a schema; every field's first complaint. */
export function readForm<S extends yup.Schema>(
	schema: S,
	raw: Record<string, unknown>
): FormResult<yup.InferType<S>> {
	try {
		return { ok: true, value: schema.validateSync(raw, { abortEarly: false, stripUnknown: true }) };
	} catch (error) {
		if (!(error instanceof yup.ValidationError)) throw error;
		const errors: Record<string, string> = {};
		for (const issue of error.inner.length ? error.inner : [error])
			errors[issue.path ?? ''] ??= issue.message;
		return { ok: false, errors };
	}
}

/** The text fields of a posted form, last value of each name. */
export function rawFields(data: FormData): Record<string, string> {
	const raw: Record<string, string> = {};
	for (const [name, value] of data) if (typeof value === 'string') raw[name] = value;
	return raw;
}
