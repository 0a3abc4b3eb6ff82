import { fail, redirect } from '@sveltejs/kit';
import { dishSchema } from '$lib/schemas/dish';
import { rawFields, readForm } from '$lib/schemas/read-form';
import { getHousehold } from '$lib/server/queries/household';
import { writeDish } from '$lib/server/services/dishes/write-dish';
import { nowMs } from '$lib/server/now';
import type { Actions } from './$types';

export const actions: Actions = {
	default: async ({ request, locals }) => {
		const raw = rawFields(await request.formData());
		const form = readForm(dishSchema(await getHousehold(locals.db)), raw);
		if (!form.ok) return fail(400, { errors: form.errors, typed: raw });
		redirect(303, `/menu/${await writeDish(locals.db, form.value, nowMs())}`);
	}
};
