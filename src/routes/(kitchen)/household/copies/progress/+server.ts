import { json } from '@sveltejs/kit';
import { howFar } from '$lib/server/services/household/prove-apart';
import type { RequestHandler } from './$types';

/** How far the trying out of a file or copy is: screens rendered, of how many; null when nothing is being tried. */
export const GET: RequestHandler = () => json(howFar());
