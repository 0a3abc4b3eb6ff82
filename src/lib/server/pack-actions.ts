import { w } from '../present/wording/index.ts';
import { fail } from '@sveltejs/kit';
import type { Db } from './db/open.ts';
import { freezerOfShelf } from './repos/household.ts';
import { packByCode, setPackStatus } from './repos/packs.ts';
import { rowId } from './row-id.ts';
import { cookPack, movePack, removePack } from './services/cook-pack.ts';
import { nowMs } from './now.ts';

interface PackEvent {
	request: Request;
	params: { code: string };
	locals: { db: Db };
}

/** Done, or what another device did before. */
const doneOr = (done: boolean, message: string) => (done ? { done } : fail(409, { message }));

/** What can be done with a pack wherever it is shown: mark it cooked, give it away, discard it, move it, put it back. */
export const packActions = {
	cooked: async ({ params, locals }: PackEvent) => {
		return doneOr(
			await cookPack(locals.db, params.code, nowMs()),
			w.packActionsAnswers.thisPackWasAlready
		);
	},
	given: async ({ params, locals }: PackEvent) => {
		return doneOr(
			await removePack(locals.db, params.code, { to: 'given' }, nowMs()),
			w.packActionsAnswers.thisPackWasAlready
		);
	},
	discarded: async ({ request, params, locals }: PackEvent) => {
		const reason = String((await request.formData()).get('reason') ?? '')
			.trim()
			.slice(0, 200);
		if (!reason) return fail(400, { message: w.packActionsAnswers.sayWhy });
		return doneOr(
			await removePack(locals.db, params.code, { to: 'discarded', reason }, nowMs()),
			w.packActionsAnswers.thisPackWasAlready
		);
	},
	moved: async ({ request, params, locals }: PackEvent) => {
		const shelfId = rowId((await request.formData()).get('shelfId'));
		if (!(await freezerOfShelf(locals.db, shelfId)))
			return fail(400, { message: w.packDishAnswers.thisShelfIsGone });
		return doneOr(
			await movePack(locals.db, params.code, shelfId, nowMs()),
			w.packActionsAnswers.thisPackWasAlready
		);
	},
	putBack: async ({ params, locals }: PackEvent) => {
		const pack = await packByCode(locals.db, params.code);
		const change = { from: pack?.status ?? 'cooked', to: 'frozen', cookedAtMs: null } as const;
		return doneOr(
			pack?.status !== 'frozen' && (await setPackStatus(locals.db, params.code, change)),
			w.packActionsAnswers.thisPackIsBack
		);
	}
};
