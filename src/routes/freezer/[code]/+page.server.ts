import { error } from '@sveltejs/kit';
import { packActions } from '$lib/server/pack-actions';
import { listFreezers } from '$lib/server/repos/household';
import { packByCode } from '$lib/server/repos/packs';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
	const pack = await packByCode(locals.db, params.code);
	if (!pack) error(404);
	const { card, cardInput, ...packing } = pack.packing;
	const { convert, freezerC, refrigeratorC, coldWaterC } = cardInput;
	return {
		pack: { ...pack, packing },
		shelves: (await listFreezers(locals.db)).flatMap((freezer) =>
			freezer.shelves.map(({ id, name }) => ({ id, name: `${freezer.name}, ${name}` }))
		),
		thaw: card.thaw,
		refrigeratorC,
		curves: { food: convert.food, shape: convert.block, freezerC, refrigeratorC, coldWaterC }
	};
};

export const actions: Actions = packActions;
