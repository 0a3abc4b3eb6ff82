import { fail, redirect } from '@sveltejs/kit';
import { coolingSchema } from '$lib/schemas/cooling';
import { rawFields, readForm } from '$lib/schemas/read-form';
import { listDishes } from '$lib/server/repos/dishes';
import { getHousehold } from '$lib/server/repos/household';
import { startCooling, type CoolingRequest } from '$lib/server/services/start-cooling';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
	const dishes = (await listDishes(locals.db)).filter((dish) => dish.state === 'cooked');
	return {
		dishes: dishes.map(({ id, name }) => ({ id, name })),
		dishId: url.searchParams.get('dish') ?? ''
	};
};

export const actions: Actions = {
	default: async ({ request, locals }) => {
		const raw = rawFields(await request.formData());
		const form = readForm(coolingSchema(await getHousehold(locals.db)), raw);
		if (!form.ok) return fail(400, { errors: form.errors, typed: raw });
		const started = await startCooling(locals.db, form.value as CoolingRequest, Date.now());
		if (!started.ok) return fail(400, { errors: { [started.field]: started.message }, typed: raw });
		redirect(303, `/cool/${started.id}`);
	}
};
