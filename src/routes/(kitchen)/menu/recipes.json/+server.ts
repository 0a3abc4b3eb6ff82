import { json } from '@sveltejs/kit';
import { recipeJsonLd } from '$lib/formats/recipe-write';
import { allDishes } from '$lib/server/queries/dishes';
import { writtenDish } from '$lib/server/services/dishes/written-dish';
import type { RequestHandler } from './$types';

/** Every dish of the menu as one list of schema.org recipes. */
export const GET: RequestHandler = async ({ locals }) =>
	json(
		(await allDishes(locals.db)).map((dish) => recipeJsonLd(writtenDish(dish))),
		{ headers: { 'content-disposition': 'attachment; filename="recipes.json"' } }
	);
