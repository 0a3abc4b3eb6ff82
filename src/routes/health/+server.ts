import { json } from '@sveltejs/kit';
import { isThisMachine } from '$lib/server/access/gate';
import { copyAgeS, health } from '$lib/server/health';
import { thermometer } from '$lib/server/probes/follow-probes';
import type { RequestHandler } from './$types';

/** Answers once the database is open: 200, or 503 when it does not answer. On this machine it says what wants a hand. */
export const GET: RequestHandler = async ({ locals, url, getClientAddress }) => {
	const now = await health(locals.db, {
		hasRoom: await locals.hasRoom(),
		copyAgeS: copyAgeS(await locals.copies.list(), Date.now()),
		upS: process.uptime(),
		thermometerAnswers: thermometer.answers
	});
	const status = now.status === 'down' ? 503 : 200;
	const said = isThisMachine(url.hostname, getClientAddress()) ? now : { status: now.status };
	return json(said, { status, headers: { 'cache-control': 'no-store' } });
};
