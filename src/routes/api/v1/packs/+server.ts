import { json } from '@sveltejs/kit';
import { numberFromText } from '$lib/schemas/quantity-text';
import { todayAt } from '$lib/server/queries/today';
import { packsForPrograms } from '$lib/server/services/packs/shown-to-programs';
import type { RequestHandler } from './$types';

/** What is frozen. */
export const GET: RequestHandler = async ({ locals, url }) => {
	const from = Math.trunc(numberFromText(url.searchParams.get('from') ?? '0'));
	const filter = { today: await todayAt(locals.db), text: url.searchParams.get('q') ?? undefined };
	return json(await packsForPrograms(locals.db, filter, from > 0 && from < 1e7 ? from : 0));
};
