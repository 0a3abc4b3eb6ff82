import { fail } from '@sveltejs/kit';
import { countDifferences } from '$lib/core/storage';
import { readPackCode } from '$lib/core/packing';
import * as w from '$lib/present/wording';
import { nowMs } from '$lib/server/now';
import { stockLines } from '$lib/server/queries/freezer-stock';
import { freezerOfShelf, listFreezers } from '$lib/server/queries/household';
import { packRows, packsByCode } from '$lib/server/queries/packs';
import { rowId } from '$lib/server/row-id';
import { changePacks } from '$lib/server/services/packs/change-packs';
import type { Actions, PageServerLoad } from './$types';
import { todayAt } from '$lib/server/queries/today';

const mostOnAShelf = 2000;

export const load: PageServerLoad = async ({ locals, url }) => {
	const shelves = (await listFreezers(locals.db)).flatMap((freezer) =>
		freezer.shelves.map(({ id, name }) => ({ id, name: `${freezer.name}, ${name}` }))
	);
	const shelfId = rowId(url.searchParams.get('shelf')) || (shelves[0]?.id ?? 0);
	const today = await todayAt(locals.db);
	const { lines } = await stockLines(
		locals.db,
		{ today, shelfId: shelfId || -1 },
		{ from: 0, most: mostOnAShelf }
	);
	return { shelves, shelfId, lines };
};

export const actions: Actions = {
	/** a code that was scanned or typed and is not on this shelf's list */
	known: async ({ request, locals }) => {
		const typed = String((await request.formData()).get('code') ?? '');
		const code = readPackCode(typed);
		const [pack] = code ? await packsByCode(locals.db, [code]) : [];
		if (!pack) return fail(404, { message: w.freezerAnswers.noSuchCode({ code: typed }) });
		return { known: { code: pack.code, name: pack.name, status: pack.status, shelf: pack.shelf } };
	},
	settle: async ({ request, locals }) => {
		const form = await request.formData();
		const shelfId = rowId(form.get('shelfId'));
		const place = await freezerOfShelf(locals.db, shelfId);
		if (!place) return fail(400, { message: w.packDishAnswers.shelfGone });
		const seen = new Set(form.getAll('seen').map(String));
		// only what was on the list when it was counted can be missing from it
		const listed = form.getAll('listed').map(String);
		const rows = await packRows(locals.db, [...new Set([...listed, ...seen])]);
		const { missing, found, elsewhere } = countDifferences(shelfId, rows, seen);
		const atMs = nowMs();
		const say = (kind: 'missing' | 'found' | 'moved', n: number) => ({
			nowMs: atMs,
			what: w.packDeeds.did[kind]({ what: w.packDeeds.packs({ n }) })
		});
		const to = `${place.freezer.name}, ${place.shelf.name}`;
		const back = await changePacks(locals.db, found, { kind: 'found' }, say('found', found.length));
		const moved = await changePacks(
			locals.db,
			elsewhere,
			{ kind: 'moved', shelfId, to },
			say('moved', elsewhere.length)
		);
		const gone = await changePacks(
			locals.db,
			missing,
			{ kind: 'missing' },
			say('missing', missing.length)
		);
		return {
			settled: w.countUp.settled({
				missing: gone.done.length,
				found: back.done.length,
				moved: moved.done.length
			}),
			shelfId
		};
	}
};
