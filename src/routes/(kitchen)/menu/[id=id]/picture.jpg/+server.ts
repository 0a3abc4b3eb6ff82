import { error } from '@sveltejs/kit';
import { pictureOf } from '$lib/server/queries/dish-pictures';
import type { RequestHandler } from './$types';

/** A dish's photo; its address carries when it was taken in, so a device may keep it. */
export const GET: RequestHandler = async ({ params, locals }) => {
	const jpeg = await pictureOf(locals.db, Number(params.id));
	if (!jpeg) error(404);
	return new Response(jpeg, {
		headers: {
			'content-type': 'image/jpeg',
			'cache-control': 'private, max-age=31536000, immutable'
		}
	});
};
