import { fail } from '@sveltejs/kit';
import { chosenHabit } from '$lib/present/chosen-habit';
import { kitchenSchema } from '$lib/schemas/household';
import { rawFields, readForm } from '$lib/schemas/read-form';
import { getHousehold, habitOf } from '$lib/server/queries/household';
import { changeHousehold, kitchenValues } from '$lib/server/services/household/save-household';
import { staleForm } from '$lib/server/stale-form';
import { typedKitchen } from '$lib/present/typed-household';
import { nowMs } from '$lib/server/now';
import type { Actions } from './$types';

export const actions: Actions = {
	kitchen: async ({ request, locals }) => {
		const raw = rawFields(await request.formData());
		const house = await getHousehold(locals.db);
		const form = readForm(kitchenSchema(chosenHabit(raw, habitOf(house))), raw);
		if (!form.ok) return fail(400, { errors: form.errors, typed: raw });
		const stale = staleForm(raw, typedKitchen(house));
		if (stale) return stale;
		await changeHousehold(locals.db, kitchenValues(form.value), nowMs());
		return { saved: true };
	}
};
