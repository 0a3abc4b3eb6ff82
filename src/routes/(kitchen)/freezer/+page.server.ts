import * as w from '$lib/present/wording';
import { fail, redirect } from '@sveltejs/kit';
import { shelfUsableL, usableL } from '$lib/core/storage';
import { loadKgPerL } from '$lib/core/menu';
import { readPackCode } from '$lib/core/packing';
import { dayIn } from '$lib/present/time';
import { countIn, packByCode } from '$lib/server/queries/packs';
import {
	addedKgSince,
	bestBySummary,
	shelfContents,
	stockLines
} from '$lib/server/queries/freezer-stock';
import { freezerOfShelf, getHousehold, listFreezers } from '$lib/server/queries/household';
import { rowId } from '$lib/server/row-id';
import { changePacks, type PackDeed } from '$lib/server/services/packs/change-packs';
import { nowMs } from '$lib/server/now';
import type { Actions, PageServerLoad } from './$types';

const pageLines = 60;
/** as many as a drawn shelf shows */
const mostSlabs = 24;
const dayMs = 24 * 3600_000;

export const load: PageServerLoad = async ({ locals, url }) => {
	const { db } = locals;
	const query = url.searchParams;
	const today = dayIn(nowMs(), (await getHousehold(db)).timeZone);
	const state = query.get('state');
	const filter = {
		today,
		text: query.get('q')?.slice(0, 100) ?? '',
		shelfId: rowId(query.get('shelf')) || undefined,
		month: /^(none|past|\d{4}-\d{2})$/.exec(query.get('month') ?? '')?.[0],
		state: state === 'raw' || state === 'cooked' ? state : undefined
	} as const;
	const pages = Math.min(100, Math.max(1, rowId(query.get('pages')) || 1));
	const freezers = await listFreezers(db);
	const contents = new Map((await shelfContents(db, mostSlabs)).map((c) => [c.shelfId, c]));
	const added = await addedKgSince(db, nowMs() - dayMs);
	const isFiltered = filter.text || filter.shelfId || filter.month || filter.state;
	const sum = (of: 'packs' | 'servings') =>
		[...contents.values()].reduce((all, shelf) => all + shelf[of], 0);
	const everything = isFiltered ? undefined : { total: sum('packs'), servings: sum('servings') };
	return {
		...(await stockLines(db, filter, { from: 0, most: pages * pageLines }, everything)),
		filter: { ...filter, pages },
		...(await bestBySummary(db, today)),
		freezers: freezers.map((freezer) => ({
			...freezer,
			usableL: usableL(freezer),
			loadKg: freezer.volumeL * loadKgPerL,
			addedKg: added.get(freezer.id) ?? 0,
			shelves: freezer.shelves.map((shelf) => ({
				...shelf,
				/** shelves share their freezer evenly */
				usableL: shelfUsableL(freezer),
				...(contents.get(shelf.id) ?? { packs: 0, litres: 0, massKg: 0, slabs: [] })
			}))
		})),
		reserved: await countIn(db, 'reserved'),
		today
	};
};

/** What several packs can be made to do at once. */
async function bulkDeed(form: FormData, locals: App.Locals): Promise<PackDeed | string> {
	const deed = String(form.get('deed') ?? '');
	switch (deed) {
		case 'cooked':
		case 'given':
			return { kind: deed };
		case 'pulled':
			return { kind: 'pulled', place: 'refrigerator' };
		case 'discarded': {
			const reason = String(form.get('reason') ?? '')
				.trim()
				.slice(0, 200);
			return reason ? { kind: 'discarded', reason } : w.packActionsAnswers.reasonMissing;
		}
		case 'moved': {
			const place = await freezerOfShelf(locals.db, rowId(form.get('shelfId')));
			if (!place) return w.packDishAnswers.shelfGone;
			const to = `${place.freezer.name}, ${place.shelf.name}`;
			return { kind: 'moved', shelfId: place.shelf.id, to };
		}
		default:
			return w.freezer.chooseWhat;
	}
}

export const actions: Actions = {
	find: async ({ request, locals }) => {
		const typed = String((await request.formData()).get('code') ?? '');
		const code = readPackCode(typed);
		if (!code)
			return fail(400, {
				typed,
				message: w.freezerAnswers.thatIsNotA
			});
		if (!(await packByCode(locals.db, code)))
			return fail(404, { typed, message: w.freezerAnswers.noSuchCode({ code }) });
		redirect(303, `/freezer/${code}`);
	},
	bulk: async ({ request, locals }) => {
		const form = await request.formData();
		const codes = form.getAll('pack').map(String);
		if (codes.length === 0) return fail(400, { bulkMessage: w.freezer.chooseFirst });
		const deed = await bulkDeed(form, locals);
		if (typeof deed === 'string') return fail(400, { bulkMessage: deed });
		const { done, late } = await changePacks(locals.db, codes, deed, {
			nowMs: nowMs(),
			what: w.packDeeds.did[deed.kind]({ what: w.packDeeds.packs({ n: codes.length }) })
		});
		return { bulkDone: w.freezer.bulkDone({ done: done.length, late: late.length }) };
	}
};
