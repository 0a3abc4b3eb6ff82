import { endedCoolings, runningCoolings } from '$lib/server/queries/cooling';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
	return { running: await runningCoolings(locals.db), ended: await endedCoolings(locals.db, 8) };
};
