import { fail, redirect } from '@sveltejs/kit';
import { chosenHabit } from '$lib/present/chosen-habit';
import { appliancesSchema, freezerSchema, kitchenSchema } from '$lib/schemas/household';
import { rawFields, readForm } from '$lib/schemas/read-form';
import { getHousehold, habitOf, listFreezers } from '$lib/server/queries/household';
import { writeFreezer } from '$lib/server/services/household/change-freezer';
import {
	applianceValues,
	kitchenValues,
	settle
} from '$lib/server/services/household/save-household';
import { nowMs } from '$lib/server/now';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
	const step = Number(url.searchParams.get('step'));
	return {
		step: step === 2 || step === 3 ? step : 1,
		freezers: await listFreezers(locals.db)
	};
};

export const actions: Actions = {
	kitchen: async ({ request, locals }) => {
		const raw = rawFields(await request.formData());
		const form = readForm(
			kitchenSchema(chosenHabit(raw, habitOf(await getHousehold(locals.db)))),
			raw
		);
		if (!form.ok) return fail(400, { errors: form.errors, typed: raw });
		await settle(locals.db, kitchenValues(form.value));
		redirect(303, '/start?step=2');
	},
	appliances: async ({ request, locals }) => {
		const raw = rawFields(await request.formData());
		const house = await getHousehold(locals.db);
		const form = readForm(appliancesSchema(habitOf(house)), raw);
		if (!form.ok) return fail(400, { errors: form.errors, typed: raw });
		await settle(locals.db, applianceValues(form.value, house));
		redirect(303, '/start?step=3');
	},
	freezer: async ({ request, locals }) => {
		const raw = rawFields(await request.formData());
		const form = readForm(freezerSchema(habitOf(await getHousehold(locals.db))), raw);
		if (!form.ok) return fail(400, { errors: form.errors, typed: raw });
		await writeFreezer(locals.db, form.value, nowMs());
		await settle(locals.db, { settledAtMs: nowMs() });
		redirect(303, '/menu/new');
	},
	later: async ({ locals }) => {
		await settle(locals.db, { settledAtMs: nowMs() });
		redirect(303, '/menu');
	}
};
