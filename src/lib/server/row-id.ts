/** A row's number from text out of a form or an address; 0, which no row has, for anything else. */
export function rowId(text: FormDataEntryValue | null): number {
	return typeof text === 'string' && /^[1-9]\d{0,8}$/.test(text) ? Number(text) : 0;
}
