import { getHousehold } from '$lib/server/queries/household';
import { mealCalendar } from '$lib/server/services/table/meal-calendar';
import { nowMs } from '$lib/server/now';

/** The meals to come as a calendar file. */
export const GET = async ({ locals }) => {
	const house = await getHousehold(locals.db);
	return new Response(await mealCalendar(locals.db, locals.compute, house, nowMs()), {
		headers: {
			'content-type': 'text/calendar; charset=utf-8',
			'content-disposition': 'attachment; filename="meals.ics"'
		}
	});
};
