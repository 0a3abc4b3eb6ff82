import { error, fail } from '@sveltejs/kit';
import { packByCode, setPackStatus } from '$lib/server/repos/packs';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
	const pack = await packByCode(locals.db, params.code);
	if (!pack) error(404);
	const { card, cardInput, ...packing } = pack.packing;
	return { pack: { ...pack, packing }, thaw: card.thaw, refrigeratorC: cardInput.refrigeratorC };
};

export const actions: Actions = {
	cooked: async ({ params, locals }) => {
		const done = await setPackStatus(locals.db, params.code, {
			from: 'frozen',
			to: 'cooked',
			cookedAtMs: Date.now()
		});
		if (!done)
			return fail(409, {
				message: 'This pack was already marked cooked, perhaps on another device.'
			});
		return { done: true };
	},
	undo: async ({ params, locals }) => {
		const done = await setPackStatus(locals.db, params.code, {
			from: 'cooked',
			to: 'frozen',
			cookedAtMs: null
		});
		if (!done) return fail(409, { message: 'This pack is back in the freezer already.' });
		return { undone: true };
	}
};
