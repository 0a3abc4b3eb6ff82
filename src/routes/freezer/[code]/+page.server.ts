import { error } from '@sveltejs/kit';
import { packActions } from '$lib/server/pack-actions';
import { packByCode } from '$lib/server/repos/packs';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
	const pack = await packByCode(locals.db, params.code);
	if (!pack) error(404);
	const { card, cardInput, ...packing } = pack.packing;
	return { pack: { ...pack, packing }, thaw: card.thaw, refrigeratorC: cardInput.refrigeratorC };
};

export const actions: Actions = packActions;
