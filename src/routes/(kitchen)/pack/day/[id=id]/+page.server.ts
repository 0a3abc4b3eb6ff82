import { error, fail } from '@sveltejs/kit';
import { containerKeys } from '$lib/core/published';
import * as w from '$lib/present/wording';
import { quantityFromText } from '$lib/schemas/quantity-text';
import { rawFields } from '$lib/schemas/read-form';
import { nowMs } from '$lib/server/now';
import { codesOfDay } from '$lib/server/queries/day-packs';
import { getHousehold, habitOf } from '$lib/server/queries/household';
import { plannedDishes } from '$lib/server/services/day/day-dishes';
import { makePlates } from '$lib/server/services/packs/make-plates';
import { rowId } from '$lib/server/row-id';
import { dayProgress } from '$lib/server/services/day/day-progress';
import {
	packPortions,
	portionsToPack,
	type PortionPacked
} from '$lib/server/services/packs/pack-portions';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
	const { db } = locals;
	const dayId = Number(params.id);
	const { rows, packs: all, freezers, perDayKg, days } = await portionsToPack(db, dayId, nowMs());
	const bar = await dayProgress(db, dayId, { open: rows, packs: all });
	if (!bar) error(404);
	return {
		bar,
		rows,
		onPlates: (await plannedDishes(db, bar.id))
			.filter(({ dish }) => dish.state === 'cooked')
			.map(({ dish }) => ({ id: dish.id, name: dish.name })),
		made: await codesOfDay(db, bar.id),
		totalKg: rows.reduce(
			(sum, { to, packs, massKg }) => sum + (to === 'freezer' ? packs * massKg : 0),
			0
		),
		perDayKg,
		days,
		shelves: freezers.flatMap((freezer) =>
			freezer.shelves.map(({ id, name }) => ({
				value: String(id),
				name: `${freezer.name}, ${name}`
			}))
		)
	};
};

export const actions: Actions = {
	/** packs every ticked portion; what cannot be is said beside it and stays */
	pack: async ({ request, locals, params }) => {
		const { db, compute } = locals;
		const raw = rawFields(await request.formData());
		const habit = habitOf(await getHousehold(db));
		const dayId = Number(params.id);
		const { rows } = await portionsToPack(db, dayId, nowMs());
		const ticked = rows.filter(({ key }) => raw[`pack-${key}`] === 'on');
		if (ticked.length === 0) return fail(400, { typed: raw, message: w.packDay.noneTicked });
		const errors: Record<string, string> = {};
		const asked = ticked.flatMap((portion): PortionPacked[] => {
			const { key } = portion;
			const count = Number(raw[`count-${key}`] ?? portion.packs);
			const massKg = quantityFromText(raw[`mass-${key}`] ?? '', 'mass', habit);
			const container = containerKeys.find((one) => one === raw[`container-${key}`]);
			const shelfId = rowId(raw[`shelf-${key}`] ?? null);
			if (!Number.isInteger(count) || count < 1 || count > 40)
				errors[`count-${key}`] = w.packingChecks.packsMissing;
			else if (!(massKg >= 0.02 && massKg <= 8))
				errors[`mass-${key}`] = w.packingChecks.massMissing;
			else return [{ portion, count, massKg, container: container ?? portion.container, shelfId }];
			return [];
		});
		const { codes, refused } = await packPortions(db, compute, dayId, asked, nowMs());
		for (const [key, { field, message }] of Object.entries(refused))
			errors[`${field === 'massKg' ? 'mass' : 'row'}-${key}`] = message;
		if (codes.length === 0) return fail(400, { typed: raw, errors });
		return { codes, errors, typed: raw };
	},
	/** one pack with parts of several dishes */
	plates: async ({ request, locals, params }) => {
		const { db, compute } = locals;
		const raw = rawFields(await request.formData());
		const habit = habitOf(await getHousehold(db));
		const dayId = Number(params.id);
		const no = (platesMessage: string) => fail(400, { typed: raw, platesMessage });
		const parts: { dishId: number; massKg: number }[] = [];
		for (const { dish } of await plannedDishes(db, dayId)) {
			const typed = (raw[`plate-${dish.id}`] ?? '').trim();
			if (typed === '') continue;
			const massKg = quantityFromText(typed, 'mass', habit);
			if (!(massKg >= 0.005 && massKg <= 3)) return no(w.plates.mass({ dish: dish.name }));
			parts.push({ dishId: dish.id, massKg });
		}
		const count = Number(raw.count ?? '');
		if (!Number.isInteger(count) || count < 1 || count > 40) return no(w.plates.count40);
		const made = await makePlates(
			db,
			compute,
			dayId,
			{
				parts,
				extras: (raw.extras ?? '').slice(0, 2000),
				count,
				container: containerKeys.find((one) => one === raw.container) ?? 'plate',
				shelfId: rowId(raw.shelf ?? null)
			},
			nowMs()
		);
		return made.ok ? { codes: made.codes } : no(made.message);
	}
};
