import { error, json } from '@sveltejs/kit';
import { nowMs } from '$lib/server/now';
import { runSheetNow } from '$lib/server/services/day/run-sheet-now';
import type { RequestHandler } from './$types';

/** The day as it is now: what an open page asks for when it is told of a change. */
export const GET: RequestHandler = async ({ params, locals }) => {
	const now = await runSheetNow(locals.db, locals.compute, Number(params.id), nowMs());
	if (!now) error(404);
	return json(now);
};
