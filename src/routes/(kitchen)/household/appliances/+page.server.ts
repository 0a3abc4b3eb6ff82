import { fail } from '@sveltejs/kit';
import { appliancesSchema } from '$lib/schemas/household';
import { rawFields, readForm } from '$lib/schemas/read-form';
import { getHousehold, habitOf } from '$lib/server/queries/household';
import { applianceValues, changeHousehold } from '$lib/server/services/household/save-household';
import { staleForm } from '$lib/server/stale-form';
import { typedAppliances } from '$lib/present/typed-household';
import { nowMs } from '$lib/server/now';
import type { Actions } from './$types';

export const actions: Actions = {
	save: async ({ request, locals }) => {
		const raw = rawFields(await request.formData());
		const house = await getHousehold(locals.db);
		const form = readForm(appliancesSchema(habitOf(house)), raw);
		if (!form.ok) return fail(400, { errors: form.errors, typed: raw });
		const stale = staleForm(raw, typedAppliances(house));
		if (stale) return stale;
		await changeHousehold(locals.db, applianceValues(form.value, house), nowMs());
		return { saved: true };
	}
};
