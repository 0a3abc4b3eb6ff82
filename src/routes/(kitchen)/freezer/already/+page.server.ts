import { fail } from '@sveltejs/kit';
import { itemNames } from '$lib/core/foods';
import { dayIn } from '$lib/present/time';
import { frozenThingSchema, type FrozenThing } from '$lib/schemas/frozen-thing';
import { rawFields, readForm } from '$lib/schemas/read-form';
import { nowMs } from '$lib/server/now';
import { allDishes } from '$lib/server/queries/dishes';
import { getHousehold, habitOf, listFreezers } from '$lib/server/queries/household';
import { packsOfPacking } from '$lib/server/queries/packs';
import { computeMissingCards } from '$lib/server/services/packs/cards-behind';
import { writeDown } from '$lib/server/services/packs/write-down';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
	today: dayIn(nowMs(), (await getHousehold(locals.db)).timeZone),
	names: [...(await allDishes(locals.db)).map(({ name }) => name), ...itemNames()],
	shelves: (await listFreezers(locals.db)).flatMap((freezer) =>
		freezer.shelves.map(({ id, name }) => ({ value: String(id), name: `${freezer.name}, ${name}` }))
	)
});

export const actions: Actions = {
	default: async ({ request, locals }) => {
		const raw = rawFields(await request.formData());
		const house = await getHousehold(locals.db);
		const schema = frozenThingSchema(habitOf(house), dayIn(nowMs(), house.timeZone));
		const form = readForm(schema, raw);
		if (!form.ok) return fail(400, { errors: form.errors, typed: raw });
		const thing = form.value as FrozenThing;
		const written = await writeDown(locals.db, [thing], nowMs());
		if (!Array.isArray(written))
			return fail(400, { errors: { shelfId: written.message }, typed: raw });
		void computeMissingCards(locals.db, locals.compute);
		const packs = await packsOfPacking(locals.db, written[0]);
		return {
			written: packs.map(({ code, name, bestBy, packing }) => ({
				code,
				name,
				bestBy,
				state: packing.state
			}))
		};
	}
};
