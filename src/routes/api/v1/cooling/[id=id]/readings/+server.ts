import { error, json } from '@sveltejs/kit';
import * as w from '$lib/present/wording';
import { readingsSchema } from '$lib/schemas/programs';
import { readJson } from '$lib/server/read-json';
import { keepCoolingReadings } from '$lib/server/services/cooling/program-readings';
import type { RequestHandler } from './$types';

/** Keeps what a probe in something that cools read. */
export const POST: RequestHandler = async ({ locals, params, request }) => {
	const { readings } = await readJson(request, readingsSchema);
	const added = await keepCoolingReadings(locals.db, Number(params.id), readings);
	if (added === null) error(404, w.programAnswers.noRun);
	return json({ added });
};
