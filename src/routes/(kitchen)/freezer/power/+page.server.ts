import { fail } from '@sveltejs/kit';
import { readingCover, readingGapH, usableL } from '$lib/core/storage';
import { refreezeC } from '$lib/core/rules';
import * as w from '$lib/present/wording';
import { nowMs } from '$lib/server/now';
import { partsInFreezer, readingsOf, shelfContents } from '$lib/server/queries/freezer-stock';
import { getHousehold, listFreezers } from '$lib/server/queries/household';
import { rowId } from '$lib/server/row-id';
import { dayAndTimeMs, dayAndTimeOf } from '$lib/server/serve-time';
import { changePacks } from '$lib/server/services/packs/change-packs';
import type { Actions, PageServerLoad } from './$types';

const hourMs = 3600_000;
/** Longer than this nobody asks: six weeks. */
const mostHours = 1000;

export const load: PageServerLoad = async ({ locals, url }) => {
	const freezers = await listFreezers(locals.db);
	const chosen = rowId(url.searchParams.get('freezer'));
	const freezer = freezers.find(({ id }) => id === chosen) ?? freezers.at(-1);
	const { timeZone } = await getHousehold(locals.db);
	const query = url.searchParams;
	const asked = { from: query.get('from'), to: query.get('to') };
	const typed = {
		from: asked.from ?? '',
		to: asked.to ?? dayAndTimeOf(nowMs(), timeZone)
	};
	const [fromMs, toMs] = [typed.from, typed.to].map((at) => dayAndTimeMs(at, timeZone));
	const cut =
		fromMs !== null && toMs !== null && toMs > fromMs && toMs - fromMs <= mostHours * hourMs
			? { fromMs, toMs }
			: null;
	const contents = await shelfContents(locals.db, 0);
	const litres = contents
		.filter(({ shelfId }) => freezer?.shelves.some(({ id }) => id === shelfId))
		.reduce((sum, shelf) => sum + shelf.litres, 0);
	const cover =
		freezer && cut
			? readingCover(
					await readingsOf(locals.db, freezer.id, cut.fromMs - readingGapH * hourMs),
					cut
				)
			: null;
	const outH = cut && (cut.toMs - cut.fromMs) / hourMs;
	/** time without readings counts as warm as soon as one of them was */
	const openH = outH === null || !cover ? 0 : Math.max(0, outH - cover.coveredH);
	return {
		freezers: freezers.map(({ id, name }) => ({ id, name })),
		freezerId: freezer?.id ?? null,
		typed,
		outH,
		bad: asked.from !== null && cut === null,
		opened: query.get('opened') === 'on',
		fill01: freezer ? Math.min(1, litres / usableL(freezer)) : 0,
		warmestC: cover?.warmestC ?? null,
		coveredH: cover?.coveredH ?? 0,
		aboveH: cover ? cover.aboveH(refreezeC) + openH : null,
		unfrozenH: cover ? cover.aboveH(0) + openH : null,
		packs: freezer ? await partsInFreezer(locals.db, freezer.id) : []
	};
};

export const actions: Actions = {
	discard: async ({ request, locals }) => {
		const codes = (await request.formData()).getAll('pack').map(String);
		if (codes.length === 0) return fail(400, { message: w.freezer.chooseFirst });
		const deed = { kind: 'discarded', reason: w.powerCut.reason } as const;
		const { done, late } = await changePacks(locals.db, codes, deed, {
			nowMs: nowMs(),
			what: w.packDeeds.did.discarded({ what: w.packDeeds.packs({ n: codes.length }) })
		});
		return { message: w.freezer.bulkDone({ done: done.length, late: late.length }) };
	}
};
