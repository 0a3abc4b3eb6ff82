import { dayProgress } from '$lib/server/services/day/day-progress';
import { error } from '@sveltejs/kit';
import { nowMs } from '$lib/server/now';
import { runSheetNow } from '$lib/server/services/day/run-sheet-now';
import { getHousehold, habitOf } from '$lib/server/queries/household';
import { todayAt } from '$lib/server/queries/today';
import { prepDay } from '$lib/server/services/day/prep-lists';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
	const now = await runSheetNow(locals.db, locals.compute, Number(params.id), nowMs());
	const bar = await dayProgress(locals.db, Number(params.id));
	if (!now || !bar) error(404);
	const habit = habitOf(await getHousehold(locals.db));
	return { bar, now, prep: await prepDay(locals.db, now.day, habit, await todayAt(locals.db)) };
};
