import { logFailure } from '$lib/server/log';
import { error, json } from '@sveltejs/kit';
import { dayEventsSchema } from '$lib/schemas/day-events';
import { nowMs } from '$lib/server/now';
import { readJson } from '$lib/server/read-json';
import { noteEvents } from '$lib/server/services/day/note-events';
import type { RequestHandler } from './$types';

/** Takes what happened on a day, also what waited on a device for a connection. */
export const POST: RequestHandler = async ({ request, params, locals }) => {
	const events = await readJson(request, dayEventsSchema);
	const noted = await noteEvents(locals.db, locals.compute, Number(params.id), nowMs(), events);
	if (!noted) error(404);
	noted.replanned.catch(logFailure('the day was not re-planned'));
	return json({ taken: events.length });
};
