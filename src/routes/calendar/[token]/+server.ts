import { timingSafeEqual } from 'node:crypto';
import { error } from '@sveltejs/kit';
import { calendarAnswer } from '$lib/server/calendar-answer';
import { getHousehold } from '$lib/server/queries/household';
import { mealCalendar } from '$lib/server/services/table/meal-calendar';
import { nowMs } from '$lib/server/now';

/** The same for a calendar that subscribed by the household's address, and nothing else. */
export const GET = async ({ params, locals }) => {
	const house = await getHousehold(locals.db);
	const [given, known] = [params.token, house.calendarToken ?? ''].map((text) => Buffer.from(text));
	if (known.length === 0 || given.length !== known.length || !timingSafeEqual(given, known))
		error(404);
	return calendarAnswer(await mealCalendar(locals.db, locals.compute, house, nowMs()), null);
};
