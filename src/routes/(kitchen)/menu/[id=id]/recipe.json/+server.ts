import { error, json } from '@sveltejs/kit';
import { recipeJsonLd } from '$lib/formats/recipe-write';
import { getDish } from '$lib/server/queries/dishes';
import { writtenDish } from '$lib/server/services/dishes/written-dish';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ params, locals }) => {
	const dish = await getDish(locals.db, Number(params.id));
	if (!dish) error(404);
	return json(recipeJsonLd(writtenDish(dish)), {
		headers: { 'content-disposition': `attachment; filename="dish-${dish.id}.json"` }
	});
};
