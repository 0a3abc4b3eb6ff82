import { fail, redirect } from '@sveltejs/kit';
import * as w from '$lib/present/wording';
import { attempts } from '$lib/server/access/attempts';
import { placeWithin } from '$lib/server/access/gate';
import { sessionCookie } from '$lib/server/access/session-cookie';
import type { Actions, PageServerLoad } from './$types';

/** What a device is called until it says otherwise. */
const deviceName = (agent: string | null) =>
	/Tablet/.test(agent ?? '')
		? w.signIn.tablet
		: /Mobi/.test(agent ?? '')
			? w.signIn.phone
			: w.signIn.computer;

/** Nothing of the household is on this page. */
export const load: PageServerLoad = ({ url, locals }) => {
	if (!locals.access.hasPassphrase()) redirect(303, '/');
	return { to: placeWithin(url.searchParams.get('to')) };
};

export const actions: Actions = {
	default: async ({ request, cookies, url, locals, getClientAddress }) => {
		const form = await request.formData();
		const from = getClientAddress();
		if (!attempts.allow(from, Date.now())) return fail(429, { message: w.signIn.later });
		const said = String(form.get('passphrase') ?? '').slice(0, 1000);
		const name = deviceName(request.headers.get('user-agent'));
		const token = await locals.access.signIn(said, name);
		if (token === null) return fail(403, { message: w.signIn.wrong });
		attempts.clear(from);
		cookies.set(sessionCookie.name, token, sessionCookie.options(url));
		redirect(303, placeWithin(String(form.get('to') ?? '')));
	}
};
