import { error } from '@sveltejs/kit';
import { packsOfPacking } from '$lib/server/repos/packs';
import { getCooling } from '$lib/server/repos/cooling';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
	const packs = await packsOfPacking(locals.db, Number(params.id));
	if (packs.length === 0) error(404);
	const { cardInput, card, ...packing } = packs[0].packing;
	const run = packing.coolingRunId ? await getCooling(locals.db, packing.coolingRunId) : null;
	return {
		cooling: run,
		packs: packs.map(({ id, code, number, of, status, shelf, freezer }) => ({
			id,
			code,
			number,
			of,
			status,
			shelf,
			freezer
		})),
		dish: packs[0].dish,
		packing,
		freezeMin: card.freezeMin,
		thaw: card.thaw,
		placeC: { freezer: cardInput.freezerC, refrigerator: cardInput.refrigeratorC }
	};
};
