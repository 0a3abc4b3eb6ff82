import { error } from '@sveltejs/kit';
import { recipePlainText } from '$lib/formats/recipe-write';
import { getDish } from '$lib/server/queries/dishes';
import { writtenDish } from '$lib/server/services/dishes/written-dish';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ params, locals }) => {
	const dish = await getDish(locals.db, Number(params.id));
	if (!dish) error(404);
	return new Response(recipePlainText(writtenDish(dish)), {
		headers: {
			'content-type': 'text/plain; charset=utf-8',
			'content-disposition': `attachment; filename="dish-${dish.id}.txt"`
		}
	});
};
