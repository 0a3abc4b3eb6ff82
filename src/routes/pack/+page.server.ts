import { fail, redirect } from '@sveltejs/kit';
import { dayIn } from '$lib/present/time';
import { packingSchema } from '$lib/schemas/packing';
import { rawFields, readForm } from '$lib/schemas/read-form';
import { rowId } from '$lib/server/row-id';
import { getCooling } from '$lib/server/repos/cooling';
import { allDishes } from '$lib/server/repos/dishes';
import { getHousehold, listFreezers } from '$lib/server/repos/household';
import { recentPackings } from '$lib/server/repos/packs';
import { packDish, type PackingRequest } from '$lib/server/services/pack-dish';
import { nowMs } from '$lib/server/now';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
	const house = await getHousehold(locals.db);
	const run = await getCooling(locals.db, rowId(url.searchParams.get('run')));
	const dishes = await allDishes(locals.db);
	return {
		today: dayIn(nowMs(), house.timeZone),
		dishes: dishes.map(({ id, name, servings, state, facts }) => ({
			id,
			name,
			servings,
			state,
			parts: facts.parts,
			packedKg: facts.packedKg,
			densityKgPerM3: facts.densityKgPerM3
		})),
		run,
		dishId: url.searchParams.get('dish') ?? (run?.dishId ? String(run.dishId) : ''),
		freezers: await listFreezers(locals.db),
		recent: await recentPackings(locals.db, 8)
	};
};

export const actions: Actions = {
	default: async ({ request, locals }) => {
		const raw = rawFields(await request.formData());
		const house = await getHousehold(locals.db);
		const form = readForm(packingSchema(house, dayIn(nowMs(), house.timeZone)), raw);
		if (!form.ok) return fail(400, { errors: form.errors, typed: raw });
		const packed = await packDish(locals.db, locals.compute, form.value as PackingRequest);
		if (!packed.ok) return fail(400, { errors: { [packed.field]: packed.message }, typed: raw });
		redirect(303, `/pack/${packed.packingId}`);
	}
};
