import { fail } from '@sveltejs/kit';
import { readStock, readTable, stockColumns, type ColumnMatch } from '$lib/formats/stock-csv';
import { dayIn } from '$lib/present/time';
import * as w from '$lib/present/wording';
import { nowMs } from '$lib/server/now';
import { getHousehold, habitOf, listFreezers } from '$lib/server/queries/household';
import { packRows } from '$lib/server/queries/packs';
import { rowId } from '$lib/server/row-id';
import { computeMissingCards } from '$lib/server/services/packs/cards-behind';
import { writeDown } from '$lib/server/services/packs/write-down';
import type { Db } from '$lib/server/db/db';
import type { Actions, PageServerLoad } from './$types';

const mostLines = 2000;

const shelvesOf = async (db: Db) =>
	(await listFreezers(db)).flatMap((freezer) =>
		freezer.shelves.map(({ id, name }) => ({ id, shelf: name, freezer: freezer.name }))
	);

export const load: PageServerLoad = async ({ locals }) => ({
	shelves: await shelvesOf(locals.db)
});

/** The table as sent, matched as the page shows it, and what can be read of it. */
async function readIn(form: FormData, db: Db) {
	const file = form.get('file');
	const fromFile = file instanceof File && file.size > 0 ? await file.text() : '';
	const text = fromFile || String(form.get('text') ?? '');
	const table = readTable(text);
	const chosen = form.has('matched')
		? Object.fromEntries(
				stockColumns.flatMap((column) => {
					const head = String(form.get(`column-${column}`) ?? '');
					return head ? [[column, head]] : [];
				})
			)
		: table.match;
	const match = chosen as ColumnMatch;
	const house = await getHousehold(db);
	const shelves = await shelvesOf(db);
	const codes = table.lines.map((line) => (line[match.code ?? ''] ?? '').trim().toUpperCase());
	const known = await packRows(db, codes.slice(0, mostLines));
	const usualShelfId = rowId(form.get('shelfId')) || (shelves[0]?.id ?? 0);
	// what is too long is refused, not read
	const lines = table.lines.length > mostLines ? [] : table.lines;
	const read = readStock(
		{ ...table, lines, match },
		{
			habit: habitOf(house),
			today: dayIn(nowMs(), house.timeZone),
			knownCodes: new Set(known.map(({ code }) => code)),
			shelves,
			usualShelfId
		}
	);
	return { text, table, match, read, usualShelfId };
}

export const actions: Actions = {
	look: async ({ request, locals }) => {
		const { text, table, match, read, usualShelfId } = await readIn(
			await request.formData(),
			locals.db
		);
		if (table.lines.length === 0) return fail(400, { message: w.stockTable.empty, text });
		if (table.lines.length > mostLines) return fail(400, { message: w.stockTable.tooLong, text });
		return {
			text,
			heads: table.heads,
			match,
			usualShelfId,
			good: read.things.length,
			there: read.there.length,
			problems: read.problems.slice(0, 50),
			bad: read.problems.length,
			first: read.things.slice(0, 8).map(({ line, name, count, massKg, frozen }) => ({
				line,
				name,
				count,
				massKg,
				frozen
			}))
		};
	},
	write: async ({ request, locals }) => {
		const { text, read, table } = await readIn(await request.formData(), locals.db);
		if (table.lines.length > mostLines) return fail(400, { message: w.stockTable.tooLong, text });
		if (read.things.length === 0) return fail(400, { message: w.stockTable.empty, text });
		const written = await writeDown(locals.db, read.things, nowMs());
		if (!Array.isArray(written)) return fail(400, { message: written.message, text });
		void computeMissingCards(locals.db, locals.compute);
		return { written: written.length };
	}
};
