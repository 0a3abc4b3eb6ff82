import { error, fail, redirect } from '@sveltejs/kit';
import * as w from '$lib/present/wording';
import { dayIn } from '$lib/present/time';
import { daySchema } from '$lib/schemas/menu-day';
import { rawFields, readForm } from '$lib/schemas/read-form';
import { getDay, listDays } from '$lib/server/queries/days';
import { planNewDay, putDishesOn } from '$lib/server/services/day/change-day';
import { menuOverview } from '$lib/server/services/dishes/menu-overview';
import { getHousehold, habitOf } from '$lib/server/queries/household';
import { nowMs as serverMs } from '$lib/server/now';
import { rowId } from '$lib/server/row-id';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
	dishes: await menuOverview(locals.db),
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
	},
	/** several dishes at once on a day that is planned, or on a new one */
	putOn: async ({ request, locals }) => {
		const raw = rawFields(await request.formData());
		const nowMs = serverMs();
		const ids = (raw.ids ?? '').split(',').map(rowId).filter(Boolean);
		if (!raw.ids || ids.length === 0) return fail(400, { message: w.menu.noneChosen });
		let dayId = rowId(raw.dayId ?? null);
		if (!(dayId > 0)) {
			const house = await getHousehold(locals.db);
			const form = readForm(daySchema(habitOf(house), dayIn(nowMs, house.timeZone)), raw);
			if (!form.ok) return fail(400, { message: form.errors.onDay ?? w.menuDay.dayNeeded });
			dayId = await planNewDay(locals.db, form.value.onDay, nowMs);
		} else if (!(await getDay(locals.db, dayId))) error(404);
		await putDishesOn(locals.db, dayId, ids);
		redirect(303, `/menu/day/${dayId}`);
	}
};
