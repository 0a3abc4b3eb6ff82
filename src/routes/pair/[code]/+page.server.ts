import { redirect } from '@sveltejs/kit';
import { attempts } from '$lib/server/access/attempts';
import { sessionCookie } from '$lib/server/access/session-cookie';
import type { Actions, PageServerLoad } from './$types';

/** What was scanned only asks: a preview of the address lets nobody in. */
export const load: PageServerLoad = async ({ params, locals }) => ({
	name: await locals.access.pairingOf(params.code)
});

export const actions: Actions = {
	default: async ({ params, cookies, url, locals, getClientAddress }) => {
		if (!attempts.allow(getClientAddress(), Date.now())) redirect(303, '/sign-in');
		const token = await locals.access.finishPairing(params.code);
		if (token === null) return { over: true };
		attempts.clear(getClientAddress());
		cookies.set(sessionCookie.name, token, sessionCookie.options(url));
		redirect(303, '/');
	}
};
