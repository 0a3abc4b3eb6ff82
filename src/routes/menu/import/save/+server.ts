import { error, json } from '@sveltejs/kit';
import * as yup from 'yup';
import type { RecipeDraft } from '$lib/formats/recipe-draft';
import { importRecipe, type Imported } from '$lib/server/services/import-recipe';
import { nowMs } from '$lib/server/now';
import type { RequestHandler } from './$types';

const draftsSchema = yup
	.array(
		yup.object({
			name: yup.string().required(),
			servings: yup.number().integer().min(1).max(100).nullable().defined(),
			ingredients: yup.array(yup.string().defined()).required(),
			method: yup.string().defined(),
			own: yup.mixed().nullable().defined()
		})
	)
	.max(50)
	.required();

/** Saves some recipes as dishes; a screen sends them a few at a time, so that it can say how far it is. */
export const POST: RequestHandler = async ({ request, locals }) => {
	let drafts;
	try {
		drafts = await draftsSchema.validate(await request.json());
	} catch (problem) {
		error(400, problem instanceof Error ? problem.message : 'bad recipes');
	}
	const saved: Imported[] = [];
	for (const draft of drafts)
		saved.push(await importRecipe(locals.db, draft as RecipeDraft, nowMs()));
	return json(saved);
};
