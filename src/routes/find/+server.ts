import { json } from '@sveltejs/kit';
import { findAll } from '$lib/server/queries/find';
import type { RequestHandler } from './$types';

const longest = 80;

/** What the search of everything shows for some words. */
export const GET: RequestHandler = async ({ locals, url }) =>
	json(await findAll(locals.db, (url.searchParams.get('q') ?? '').slice(0, longest)));
