import { calendarAnswer } from '$lib/server/calendar-answer';
import { nowMs } from '$lib/server/now';
import { getHousehold } from '$lib/server/queries/household';
import { mealCalendar } from '$lib/server/services/table/meal-calendar';
import type { RequestHandler } from './$types';

/** Pulls, starts and best-by days. */
export const GET: RequestHandler = async ({ locals }) =>
	calendarAnswer(
		await mealCalendar(locals.db, locals.compute, await getHousehold(locals.db), nowMs()),
		null
	);
