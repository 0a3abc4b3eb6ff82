import { json } from '@sveltejs/kit';
import type { RecipeDraft } from '$lib/formats/recipe-draft';
import { recipeDraftsSchema } from '$lib/schemas/recipe-drafts';
import { nowMs } from '$lib/server/now';
import { readJson } from '$lib/server/read-json';
import { importRecipe, type Imported } from '$lib/server/services/dishes/import-recipe';
import type { RequestHandler } from './$types';

/** Saves some recipes as dishes; a screen sends them a few at a time, so that it can say how far it is. */
export const POST: RequestHandler = async ({ request, locals }) => {
	const drafts = await readJson(request, recipeDraftsSchema);
	const saved: Imported[] = [];
	for (const draft of drafts)
		saved.push(await importRecipe(locals.db, draft as RecipeDraft, nowMs()));
	return json(saved);
};
