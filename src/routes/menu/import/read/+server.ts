import { error, json } from '@sveltejs/kit';
import { readRecipes } from '$lib/formats/recipe-file';
import type { RequestHandler } from './$types';

/** Longest text read at once, characters: a file of some hundreds of recipes. */
const longest = 5_000_000;

/** Reads pasted text or a file into recipes, nothing saved yet. */
export const POST: RequestHandler = async ({ request }) => {
	const { text, where } = (await request.json()) as { text?: unknown; where?: unknown };
	if (typeof text !== 'string' || text.length > longest) error(400, 'bad text');
	return json(readRecipes(text, typeof where === 'string' ? where : ''));
};
