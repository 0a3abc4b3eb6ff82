import type { Habit } from '../present/habit.ts';
import { frozenThingSchema, type FrozenThing } from '../schemas/frozen-thing.ts';
import { readForm } from '../schemas/read-form.ts';
import { csvText, readCsv } from './csv.ts';
import * as w from '../present/wording/index.ts';

/** Columns of a table of what is frozen. Weights in grams, days as YYYY-MM-DD. */
export const stockColumns = [
	'code',
	'name',
	'state',
	'servings',
	'weight_g',
	'count',
	'frozen_on',
	'best_by',
	'freezer',
	'shelf'
] as const;
export type StockColumn = (typeof stockColumns)[number];

export type StockCsvRow = Record<Exclude<StockColumn, 'count'>, string | number | null>;

/** What is frozen as a table that reads back. */
export const stockCsv = (rows: readonly StockCsvRow[]): string =>
	csvText(
		rows.map((row) => ({ ...row, count: 1 })),
		stockColumns
	);

const likely: Record<StockColumn, RegExp> = {
	code: /^(code|label)$/i,
	name: /^(name|dish|item|what|food|contents?)$/i,
	state: /^(state|raw|cooked)$/i,
	servings: /^(servings?|portions?|serves)$/i,
	weight_g: /^(weight|mass|grams|weight_g|g)\b/i,
	count: /^(count|packs?|quantity|qty|number|how many)$/i,
	frozen_on: /^(frozen|packed|date)([ _](on|day|date))?$/i,
	best_by: /^(best|use)[ _-]?by$|^expir/i,
	freezer: /^freezer$/i,
	shelf: /^(shelf|drawer|basket|place|where)$/i
};

export type ColumnMatch = Partial<Record<StockColumn, string>>;

export interface StockTable {
	heads: string[];
	lines: Record<string, string>[];
	/** which of the table's columns is which, as far as their names say */
	match: ColumnMatch;
}

/** A table as it was written, with its columns matched by their names. */
export function readTable(text: string): StockTable {
	const { heads, rows } = readCsv(text, (head) => head.trim());
	const match: ColumnMatch = {};
	for (const column of stockColumns) {
		const head = heads.find(
			(name) => likely[column].test(name) && !Object.values(match).includes(name)
		);
		if (head) match[column] = head;
	}
	return { heads, lines: rows, match };
}

export interface ReadStock {
	things: (FrozenThing & { line: number })[];
	problems: { line: number; message: string }[];
	/** lines whose code is in the freezer already: not written twice */
	there: number[];
}

/** Reads the lines of a table; each bad one is said with its number, the good ones are kept. */
export function readStock(
	table: StockTable,
	context: {
		habit: Habit;
		today: string;
		knownCodes: ReadonlySet<string>;
		shelves: readonly { id: number; shelf: string; freezer: string }[];
		/** where a line says no shelf that there is */
		usualShelfId: number;
	}
): ReadStock {
	const schema = frozenThingSchema(context.habit, context.today);
	const result: ReadStock = { things: [], problems: [], there: [] };
	table.lines.forEach((cells, i) => {
		const line = i + 2;
		const cell = (column: StockColumn) => (cells[table.match[column] ?? ''] ?? '').trim();
		if (context.knownCodes.has(cell('code').toUpperCase())) {
			result.there.push(line);
			return;
		}
		const [shelf, freezer] = [cell('shelf').toLowerCase(), cell('freezer').toLowerCase()];
		const place = context.shelves.find(
			(known) =>
				known.shelf.toLowerCase() === shelf &&
				(freezer === '' || known.freezer.toLowerCase() === freezer)
		);
		if (shelf !== '' && !place) {
			result.problems.push({ line, message: w.stockTable.noShelf({ name: cell('shelf') }) });
			return;
		}
		const weight = cell('weight_g');
		const form = readForm(schema, {
			name: cell('name'),
			count: cell('count'),
			servings: cell('servings'),
			massKg: /^[\d.,]+$/.test(weight) ? `${weight} g` : weight,
			frozen: cell('frozen_on'),
			makerBestBy: cell('best_by'),
			state: cell('state').toLowerCase(),
			shelfId: String(place?.id ?? context.usualShelfId)
		});
		if (form.ok) result.things.push({ ...(form.value as FrozenThing), line });
		else result.problems.push({ line, message: Object.values(form.errors)[0] });
	});
	return result;
}
