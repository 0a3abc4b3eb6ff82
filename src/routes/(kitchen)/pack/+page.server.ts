import { fail, redirect } from '@sveltejs/kit';
import { loadLeftKg, shelfUsableL } from '$lib/core/storage';
import { addedKgSince, containersLeft, shelfContents } from '$lib/server/queries/freezer-stock';
import { dayIn } from '$lib/present/time';
import { packingSchema } from '$lib/schemas/packing';
import { rawFields, readForm } from '$lib/schemas/read-form';
import { rowId } from '$lib/server/row-id';
import { getCooling } from '$lib/server/queries/cooling';
import { allDishes } from '$lib/server/queries/dishes';
import { getHousehold, listFreezers } from '$lib/server/queries/household';
import { recentPackings } from '$lib/server/queries/packs';
import { packDish, type PackingRequest } from '$lib/server/services/packs/pack-dish';
import { dayProgress } from '$lib/server/services/day/day-progress';
import { nextDay } from '$lib/server/services/day/next-day';
import { nowMs } from '$lib/server/now';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
	const house = await getHousehold(locals.db);
	const run = await getCooling(locals.db, rowId(url.searchParams.get('run')));
	const dishes = await allDishes(locals.db);
	const next = await nextDay(locals.db, nowMs());
	const added = await addedKgSince(locals.db, nowMs() - 24 * 3600_000);
	const contents = new Map((await shelfContents(locals.db, 0)).map((c) => [c.shelfId, c.litres]));
	return {
		today: dayIn(nowMs(), house.timeZone),
		/** the next packing day, whose packs are made in one go */
		bar: next && (await dayProgress(locals.db, next.id)),
		dishes: dishes.map(({ id, name, servings, state, kind, facts, lines }) => ({
			id,
			name,
			servings,
			state,
			kind,
			food: facts.food,
			/** raw things bought frozen: whether they were thawed decides */
			boughtFrozen: lines.flatMap((line) =>
				line.form === 'frozen' && line.stage === 'pack' ? [line.text] : []
			),
			parts: facts.parts,
			packedKg: facts.packedKg,
			densityKgPerM3: facts.densityKgPerM3
		})),
		run,
		dishId: url.searchParams.get('dish') ?? (run?.dishId ? String(run.dishId) : ''),
		containers: await containersLeft(locals.db),
		freezers: (await listFreezers(locals.db)).map((freezer) => ({
			...freezer,
			loadLeftKg: loadLeftKg(freezer, added.get(freezer.id) ?? 0),
			shelves: freezer.shelves.map((shelf) => ({
				...shelf,
				usableL: shelfUsableL(freezer),
				storedL: contents.get(shelf.id) ?? 0
			}))
		})),
		recent: await recentPackings(locals.db, 8)
	};
};

export const actions: Actions = {
	default: async ({ request, locals }) => {
		const raw = rawFields(await request.formData());
		const house = await getHousehold(locals.db);
		const form = readForm(packingSchema(house, dayIn(nowMs(), house.timeZone)), raw);
		if (!form.ok) return fail(400, { errors: form.errors, typed: raw });
		const packed = await packDish(locals.db, locals.compute, form.value as PackingRequest, nowMs());
		if (!packed.ok) return fail(400, { errors: { [packed.field]: packed.message }, typed: raw });
		redirect(303, `/pack/${packed.packingId}`);
	}
};
