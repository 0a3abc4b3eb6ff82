import { fail } from '@sveltejs/kit';
import { usableL } from '$lib/core/storage/usable-litres';
import { refreezeC } from '$lib/core/storage/power-cut';
import { aboveHours } from '$lib/core/storage/above-hours';
import * as w from '$lib/present/wording';
import { nowMs } from '$lib/server/now';
import { partsInFreezer, readingsOf, shelfContents } from '$lib/server/queries/freezer-stock';
import { listFreezers } from '$lib/server/queries/household';
import { rowId } from '$lib/server/row-id';
import { changePacks } from '$lib/server/services/packs/change-packs';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
	const freezers = await listFreezers(locals.db);
	const asked = rowId(url.searchParams.get('freezer'));
	const freezer = freezers.find(({ id }) => id === asked) ?? freezers.at(-1);
	const typed = url.searchParams.get('hours') ?? '';
	const hours = Number(typed.replace(',', '.'));
	const outH = typed !== '' && hours >= 0 && hours <= 1000 ? hours : null;
	const contents = await shelfContents(locals.db, 0);
	const litres = contents
		.filter(({ shelfId }) => freezer?.shelves.some(({ id }) => id === shelfId))
		.reduce((sum, shelf) => sum + shelf.litres, 0);
	const readings =
		freezer && outH !== null
			? await readingsOf(locals.db, freezer.id, nowMs() - outH * 3600_000)
			: [];
	return {
		freezers: freezers.map(({ id, name }) => ({ id, name })),
		freezerId: freezer?.id ?? null,
		typed,
		outH,
		bad: typed !== '' && outH === null,
		opened: url.searchParams.get('opened') === 'on',
		fill01: freezer ? Math.min(1, litres / usableL(freezer)) : 0,
		warmestC: readings.length ? Math.max(...readings.map(({ tempC }) => tempC)) : null,
		aboveH: readings.length ? aboveHours(readings, refreezeC) : null,
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
