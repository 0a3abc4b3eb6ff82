import { redirect } from '@sveltejs/kit';
import { env } from '$env/dynamic/private';
import { attempts } from '$lib/server/access/attempts';
import { finishPairing, pairingOf } from '$lib/server/access/household-passphrase';
import { sessionCookie } from '$lib/server/access/session-cookie';
import type { Actions, PageServerLoad } from './$types';

const dataDir = () => env.ALMACEN_DATA || 'data';

/** What was scanned only asks: a preview of the address lets nobody in. */
export const load: PageServerLoad = async ({ params }) => ({
	name: await pairingOf(dataDir(), params.code, Date.now())
});

export const actions: Actions = {
	default: async ({ params, cookies, url, getClientAddress }) => {
		const nowMs = Date.now();
		if (!attempts.allow(getClientAddress(), nowMs)) redirect(303, '/sign-in');
		const token = await finishPairing(dataDir(), params.code, nowMs);
		if (token === null) return { over: true };
		attempts.clear(getClientAddress());
		cookies.set(sessionCookie.name, token, sessionCookie.options(url));
		redirect(303, '/');
	}
};
