import { listDays } from '$lib/server/queries/days';
import type { PageServerLoad } from './$types';

/** Days the recipes can be put on at once. */
export const load: PageServerLoad = async ({ locals }) => ({
	days: (await listDays(locals.db)).map(({ id, onDay }) => ({ id, onDay }))
});
