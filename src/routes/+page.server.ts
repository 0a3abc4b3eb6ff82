import { redirect } from '@sveltejs/kit';

/** Straight to where the day usually starts: what is frozen, and what to use first. */
export const load = () => redirect(307, '/freezer');
