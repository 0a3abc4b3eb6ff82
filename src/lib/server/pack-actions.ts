import { fail } from '@sveltejs/kit';
import type { Db } from './db/open.ts';
import { setPackStatus } from './repos/packs.ts';
import { cookPack } from './services/cook-pack.ts';

interface PackEvent {
	params: { code: string };
	locals: { db: Db };
}

/** What can be done with a pack wherever it is shown: mark it cooked, put it back. */
export const packActions = {
	cooked: async ({ params, locals }: PackEvent) => {
		if (!(await cookPack(locals.db, params.code, Date.now())))
			return fail(409, {
				message: 'This pack was already marked cooked, perhaps on another device.'
			});
		return { done: true };
	},
	putBack: async ({ params, locals }: PackEvent) => {
		const change = { from: 'cooked', to: 'frozen', cookedAtMs: null } as const;
		if (!(await setPackStatus(locals.db, params.code, change)))
			return fail(409, { message: 'This pack is back in the freezer already.' });
		return { done: true };
	}
};
