import { json } from '@sveltejs/kit';
import { todayAt } from '$lib/server/queries/today';
import { packsForPrograms } from '$lib/server/services/packs/shown-to-programs';
import type { RequestHandler } from './$types';

/** Longer than any name. */
const mostAsked = 120;

/** What is frozen. */
export const GET: RequestHandler = async ({ locals, url }) => {
	const [from] = /^\d{1,7}$/.exec(url.searchParams.get('from') ?? '') ?? ['0'];
	const text = url.searchParams.get('q')?.slice(0, mostAsked);
	const filter = { today: await todayAt(locals.db), text };
	return json(await packsForPrograms(locals.db, filter, Number(from)));
};
