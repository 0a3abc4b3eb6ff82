import { fail, redirect } from '@sveltejs/kit';
import { dayIn } from '$lib/present/time';
import { daySchema } from '$lib/schemas/menu-day';
import { rawFields, readForm } from '$lib/schemas/read-form';
import { listDays } from '$lib/server/queries/days';
import { planNewDay } from '$lib/server/services/day/change-day';
import { listDishes } from '$lib/server/queries/dishes';
import { getHousehold, habitOf } from '$lib/server/queries/household';
import { nowMs as serverMs } from '$lib/server/now';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
	dishes: await listDishes(locals.db),
	days: await listDays(locals.db)
});

export const actions: Actions = {
	plan: async ({ request, locals }) => {
		const raw = rawFields(await request.formData());
		const house = await getHousehold(locals.db);
		const nowMs = serverMs();
		const form = readForm(daySchema(habitOf(house), dayIn(nowMs, house.timeZone)), raw);
		if (!form.ok) return fail(400, { errors: form.errors, typed: raw });
		redirect(303, `/menu/day/${await planNewDay(locals.db, form.value.onDay, nowMs)}`);
	}
};
