import { w } from '../present/wording/index.ts';
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
				message: w.packActionsAnswers.thisPackWasAlready
			});
		return { done: true };
	},
	putBack: async ({ params, locals }: PackEvent) => {
		const change = { from: 'cooked', to: 'frozen', cookedAtMs: null } as const;
		if (!(await setPackStatus(locals.db, params.code, change)))
			return fail(409, { message: w.packActionsAnswers.thisPackIsBack });
		return { done: true };
	}
};
