import { json } from '@sveltejs/kit';
import { runningCoolings } from '$lib/server/queries/cooling';
import type { RequestHandler } from './$types';

/** What is cooling now. */
export const GET: RequestHandler = async ({ locals }) => {
	const runs = await runningCoolings(locals.db);
	return json({
		running: runs.map(({ id, name, place, startedAtMs, readings }) => ({
			id,
			name,
			place,
			startedAtMs,
			lastC: readings.at(-1)?.tempC ?? null
		}))
	});
};
