import { json } from '@sveltejs/kit';
import { programInterface } from '$lib/server/programs-interface';

/** What programs can ask for, for programs. */
export const GET = () => json(programInterface);
