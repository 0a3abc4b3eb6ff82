import { error } from '@sveltejs/kit';
import { isThisMachine } from '$lib/server/access/gate';
import { copyAgeS } from '$lib/server/health';
import { metricsText } from '$lib/server/metrics';
import type { RequestHandler } from './$types';

/** What is measured of this process, for a collector on this machine. */
export const GET: RequestHandler = async ({ locals, url, getClientAddress }) => {
	if (!isThisMachine(url.hostname, getClientAddress())) error(404);
	const age = copyAgeS(await locals.copies.list(), Date.now());
	const { text, contentType } = await metricsText({
		copyAgeS: age,
		freeBytes: await locals.freeBytes()
	});
	return new Response(text, { headers: { 'content-type': contentType } });
};
