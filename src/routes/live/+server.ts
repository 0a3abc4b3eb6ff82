import { changeStream } from '$lib/server/live/changes';
import type { RequestHandler } from './$types';

/** Tells open pages that something changed, as it happens. */
export const GET: RequestHandler = ({ locals }) =>
	new Response(changeStream(locals.device), {
		headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-cache' }
	});
