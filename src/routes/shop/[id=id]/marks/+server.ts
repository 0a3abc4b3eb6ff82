import { error, json } from '@sveltejs/kit';
import { listMarksSchema } from '$lib/schemas/list-marks';
import { getDay, marksOfDay } from '$lib/server/queries/days';
import { markLine } from '$lib/server/writes/days';
import { nowMs } from '$lib/server/now';
import { readJson } from '$lib/server/read-json';
import type { RequestHandler } from './$types';

/** Takes ticks made on a device, also those that waited for a connection; answers with how the list stands. */
export const POST: RequestHandler = async ({ request, params, locals }) => {
	const dayId = Number(params.id);
	if (!(await getDay(locals.db, dayId))) error(404);
	const marks = await readJson(request, listMarksSchema);
	// a device's clock may run ahead: a mark from the future would never be overruled
	const now = nowMs();
	for (const { key, ticked, atMs } of marks)
		await markLine(locals.db, { dayId, key, ticked, atMs: Math.min(atMs, now) });
	return json(await marksOfDay(locals.db, dayId));
};
