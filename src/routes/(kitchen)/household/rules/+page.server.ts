import { fail } from '@sveltejs/kit';
import { rulesSchema } from '$lib/schemas/household';
import { rawFields, readForm } from '$lib/schemas/read-form';
import { getHousehold, habitOf } from '$lib/server/queries/household';
import { changeHousehold, ruleValues } from '$lib/server/services/household/save-household';
import { limitsFrom } from '$lib/core/rules';
import { staleForm } from '$lib/server/stale-form';
import { typedRules } from '$lib/present/typed-household';
import { nowMs } from '$lib/server/now';
import type { Actions } from './$types';

export const actions: Actions = {
	default: async ({ request, locals }) => {
		const raw = rawFields(await request.formData());
		const house = await getHousehold(locals.db);
		const form = readForm(rulesSchema(habitOf(house)), raw);
		if (!form.ok) return fail(400, { errors: form.errors, typed: raw });
		const stale = staleForm(raw, typedRules(house, limitsFrom(house.limits)));
		if (stale) return stale;
		await changeHousehold(locals.db, ruleValues(form.value, house.temperature), nowMs());
		return { saved: true };
	}
};
