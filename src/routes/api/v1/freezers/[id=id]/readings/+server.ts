import { error, json } from '@sveltejs/kit';
import * as w from '$lib/present/wording';
import { readingsSchema } from '$lib/schemas/programs';
import { nowMs } from '$lib/server/now';
import { readJson } from '$lib/server/read-json';
import { keepFreezerReadings } from '$lib/server/services/cooling/program-readings';
import type { RequestHandler } from './$types';

/** Keeps what a thermometer in a freezer read. */
export const POST: RequestHandler = async ({ locals, params, request }) => {
	const { readings } = await readJson(request, readingsSchema);
	const added = await keepFreezerReadings(locals.db, Number(params.id), readings, nowMs());
	if (added === null) error(404, w.programAnswers.noFreezer);
	return json({ added });
};
