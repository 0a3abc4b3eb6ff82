import { redirect } from '@sveltejs/kit';
import { getHousehold } from '$lib/server/queries/household';
import type { PageServerLoad } from './$types';

/** Straight to where the day usually starts: what is frozen. A new household settles in first. */
export const load: PageServerLoad = async ({ locals }) => {
	const { settledAtMs } = await getHousehold(locals.db);
	redirect(307, settledAtMs === null ? '/start' : '/freezer');
};
