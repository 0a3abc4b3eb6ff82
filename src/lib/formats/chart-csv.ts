import Papa from 'papaparse';

/** The rows of a chart as a table for a spreadsheet; what begins like a formula is made text. */
export const chartCsv = (rows: readonly Record<string, string | number>[]): string =>
	Papa.unparse([...rows], { newline: '\r\n', escapeFormulae: true });
