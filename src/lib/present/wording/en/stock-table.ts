import type { Shown } from '../shown.ts';

export const stockTable = {
	title: 'Tables in and out · Almacen',
	heading: 'What is frozen, as a table',
	outHow:
		'Every frozen pack, one line each. It can be opened in any spreadsheet and reads back here.',
	out: 'Save the table (CSV)',
	everything: 'Everything (JSON)',
	everythingHow: 'All that was ever entered, for safe keeping and moving, is under Household.',
	inHeading: 'Read a table in',
	inHow:
		'Paste a table or choose a file (CSV). The first line names the columns. Nothing is written before you have seen it.',
	paste: 'Table',
	file: 'Or a file',
	look: 'Look at it',
	columns: 'Which column is which',
	notThere: 'not in it',
	usualShelf: 'Lines without a shelf lie in',
	noShelf: (name: Shown) =>
		`there is no shelf “${name}”: name it under Household, or leave it empty.`,
	line: (n: Shown, message: Shown) => `Line ${n}: ${message}`,
	preview: (good: Shown, bad: Shown, there: Shown) =>
		`${good} lines can be read, ${bad} cannot, ${there} are in the freezer already.`,
	write: (n: Shown) => `Write down ${n} lines`,
	writing: 'Writing …',
	written: (n: Shown) => `${n} lines are written down.`,
	empty: 'Paste a table first, or choose a file.',
	tooLong: 'That is more than 5,000 lines. Read it in parts.',
	heads: {
		code: 'Code',
		name: 'Name',
		state: 'Raw or cooked',
		servings: 'Servings',
		weight_g: 'Weight',
		count: 'How many',
		frozen_on: 'Frozen on',
		best_by: 'Best by',
		freezer: 'Freezer',
		shelf: 'Shelf'
	}
};
