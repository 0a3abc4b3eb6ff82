import { error, fail, redirect } from '@sveltejs/kit';
import { dishSchema } from '$lib/schemas/dish';
import { rawFields, readForm } from '$lib/schemas/read-form';
import { getDish } from '$lib/server/repos/dishes';
import { getHousehold } from '$lib/server/repos/household';
import { changeDish, removeDish } from '$lib/server/services/change-dish';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
	const dish = await getDish(locals.db, Number(params.id));
	if (!dish) error(404);
	return { dish };
};

export const actions: Actions = {
	change: async ({ request, locals, params }) => {
		const raw = rawFields(await request.formData());
		const form = readForm(dishSchema(await getHousehold(locals.db)), raw);
		if (!form.ok) return fail(400, { errors: form.errors, typed: raw });
		if (!(await changeDish(locals.db, form.value, Number(params.id), Date.now()))) error(404);
		return { saved: true };
	},
	remove: async ({ locals, params }) => {
		if (!(await removeDish(locals.db, Number(params.id), Date.now()))) error(404);
		redirect(303, '/menu');
	}
};
