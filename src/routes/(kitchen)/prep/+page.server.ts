import { redirect } from '@sveltejs/kit';
import { nowMs } from '$lib/server/now';
import { nextDay } from '$lib/server/services/day/next-day';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
	const day = await nextDay(locals.db, nowMs());
	if (day) redirect(302, `/prep/${day.id}`);
	return {};
};
