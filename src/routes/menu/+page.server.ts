import { listDishes } from '$lib/server/repos/dishes';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({ dishes: await listDishes(locals.db) });
