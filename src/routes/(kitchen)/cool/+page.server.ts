import { endedCoolings, runningCoolings } from '$lib/server/queries/cooling';
import { rowId } from '$lib/server/row-id';
import { dayProgress } from '$lib/server/services/day/day-progress';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
	const running = await runningCoolings(locals.db);
	/** the day that was asked for, or the one that pots are cooling of */
	const dayId =
		rowId(url.searchParams.get('day')) || running.find(({ dayId: id }) => id !== null)?.dayId;
	return {
		bar: dayId ? await dayProgress(locals.db, dayId) : null,
		running,
		ended: await endedCoolings(locals.db, 8)
	};
};
