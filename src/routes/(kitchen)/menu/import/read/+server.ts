import { json } from '@sveltejs/kit';
import { pastedSchema } from '$lib/schemas/recipe-drafts';
import { readJson } from '$lib/server/read-json';
import type { RequestHandler } from './$types';

/** Reads pasted text or a file into recipes, nothing saved yet. */
export const POST: RequestHandler = async ({ request, locals }) => {
	const { text, where } = await readJson(request, pastedSchema);
	return json(await locals.readPasted(text, where));
};
