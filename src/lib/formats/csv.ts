import Papa from 'papaparse';

/** What a spreadsheet takes for a formula, also behind the mark that makes it text (OWASP, CSV injection). */
const formula = /^'*[=+\-@\t\r]/;
const asText = /^'(?='*[=+\-@\t\r])/;

/** Rows as a table for a spreadsheet (RFC 4180); what begins like a formula is made text. */
export const csvText = (
	rows: readonly Readonly<Record<string, string | number | null>>[],
	columns?: readonly string[]
): string =>
	Papa.unparse([...rows], {
		newline: '\r\n',
		escapeFormulae: formula,
		...(columns && { columns: [...columns] })
	});

/** The rows of a table with a head, and the names in it; what was made text is as it was. `plainHead` names a column. */
export function readCsv(
	text: string,
	plainHead: (head: string) => string
): { heads: string[]; rows: Record<string, string>[] } {
	const parsed = Papa.parse<Record<string, string>>(text.trim(), {
		header: true,
		skipEmptyLines: 'greedy',
		transformHeader: plainHead,
		transform: (value) => value.replace(asText, '')
	});
	return { heads: parsed.meta.fields ?? [], rows: parsed.data };
}
