import { fail, redirect } from '@sveltejs/kit';
import { env } from '$env/dynamic/private';
import * as w from '$lib/present/wording';
import { attempts } from '$lib/server/access/attempts';
import { placeWithin } from '$lib/server/access/gate';
import { hasPassphrase, signIn } from '$lib/server/access/household-passphrase';
import { sessionCookie } from '$lib/server/access/session-cookie';
import type { Actions, PageServerLoad } from './$types';

const dataDir = () => env.ALMACEN_DATA || 'data';

/** What a device is called until it says otherwise. */
const deviceName = (agent: string | null) =>
	/iPad|Tablet/.test(agent ?? '')
		? w.signIn.tablet
		: /Mobi|Android/.test(agent ?? '')
			? w.signIn.phone
			: w.signIn.computer;

/** Nothing of the household is on this page. */
export const load: PageServerLoad = ({ url }) => {
	if (!hasPassphrase(dataDir())) redirect(303, '/');
	return { to: placeWithin(url.searchParams.get('to')) };
};

export const actions: Actions = {
	default: async ({ request, cookies, url, getClientAddress }) => {
		const form = await request.formData();
		const from = getClientAddress();
		const nowMs = Date.now();
		if (!attempts.allow(from, nowMs)) return fail(429, { message: w.signIn.later });
		const said = String(form.get('passphrase') ?? '').slice(0, 1000);
		const name = deviceName(request.headers.get('user-agent'));
		const token = await signIn(dataDir(), said, name, nowMs);
		if (token === null) return fail(403, { message: w.signIn.wrong });
		attempts.clear(from);
		cookies.set(sessionCookie.name, token, sessionCookie.options(url));
		redirect(303, placeWithin(String(form.get('to') ?? '')));
	}
};
