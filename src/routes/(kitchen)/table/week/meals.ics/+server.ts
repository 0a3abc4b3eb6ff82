import { calendarAnswer } from '$lib/server/calendar-answer';
import { getHousehold } from '$lib/server/queries/household';
import { mealCalendar } from '$lib/server/services/table/meal-calendar';
import { nowMs } from '$lib/server/now';

/** The meals to come as a calendar file. */
export const GET = async ({ locals }) => {
	const house = await getHousehold(locals.db);
	return calendarAnswer(await mealCalendar(locals.db, locals.compute, house, nowMs()), 'meals');
};
