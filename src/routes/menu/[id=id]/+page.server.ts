import { error, fail } from '@sveltejs/kit';
import { dishSchema } from '$lib/schemas/dish';
import { rawFields, readForm } from '$lib/schemas/read-form';
import { getDish } from '$lib/server/repos/dishes';
import { getHousehold } from '$lib/server/repos/household';
import { writeDish } from '$lib/server/services/write-dish';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
	const dish = await getDish(locals.db, Number(params.id));
	if (!dish) error(404);
	return { dish };
};

export const actions: Actions = {
	default: async ({ request, locals, params }) => {
		const raw = rawFields(await request.formData());
		const form = readForm(dishSchema(await getHousehold(locals.db)), raw);
		if (!form.ok) return fail(400, { errors: form.errors, typed: raw });
		await writeDish(locals.db, form.value, Date.now(), Number(params.id));
		return { saved: true };
	}
};
