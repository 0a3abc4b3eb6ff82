import * as yup from 'yup';

/** JSON as a screen sends it in a field, checked; undefined when it is none, and the screen says what to do. */
export function readTyped<S extends yup.Schema>(
	schema: S,
	typed: string
): yup.InferType<S> | undefined {
	let value: unknown;
	try {
		value = JSON.parse(typed);
	} catch (error) {
		if (error instanceof SyntaxError) return undefined;
		throw error;
	}
	return schema.isValidSync(value) ? schema.cast(value, { stripUnknown: true }) : undefined;
}
