import { error, json } from '@sveltejs/kit';
import { listMarksSchema } from '$lib/schemas/list-marks';
import { nowMs } from '$lib/server/now';
import { readJson } from '$lib/server/read-json';
import { tickLines } from '$lib/server/services/day/change-day';
import type { RequestHandler } from './$types';

/** Takes ticks made on a device, also those that waited for a connection; answers with how the list stands. */
export const POST: RequestHandler = async ({ request, params, locals }) => {
	const marks = await readJson(request, listMarksSchema);
	const list = await tickLines(locals.db, Number(params.id), marks, nowMs());
	if (!list) error(404);
	return json(list);
};
