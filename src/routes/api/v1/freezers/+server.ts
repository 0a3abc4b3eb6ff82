import { json } from '@sveltejs/kit';
import { listFreezers } from '$lib/server/queries/household';
import type { RequestHandler } from './$types';

/** The freezers of the household. */
export const GET: RequestHandler = async ({ locals }) => {
	const freezers = await listFreezers(locals.db);
	return json({
		freezers: freezers.map(({ id, name, kind, setC, volumeL }) => ({
			id,
			name,
			kind,
			setC,
			volumeL
		}))
	});
};
