import { error, fail } from '@sveltejs/kit';
import { dayIn } from '$lib/present/time';
import * as w from '$lib/present/wording';
import { freezeSchema } from '$lib/schemas/freeze';
import { quantityFromText } from '$lib/schemas/quantity-text';
import { rawFields, readForm } from '$lib/schemas/read-form';
import { nowMs } from '$lib/server/now';
import { isCookable, packsOfPacking } from '$lib/server/queries/packs';
import { cautionsOfPack } from '$lib/server/queries/cautions';
import { getCooling } from '$lib/server/queries/cooling';
import { getHousehold, habitOf } from '$lib/server/queries/household';
import { freezeReserved } from '$lib/server/services/packs/freeze-reserved';
import type { Actions, PageServerLoad } from './$types';
import { saidAtMs } from '$lib/server/said-at';

export const load: PageServerLoad = async ({ params, locals }) => {
	const packs = await packsOfPacking(locals.db, Number(params.id));
	if (packs.length === 0) error(404);
	const { cardInput, card, ...packing } = packs[0].packing;
	const run = packing.coolingRunId ? await getCooling(locals.db, packing.coolingRunId) : null;
	const { timeZone } = await getHousehold(locals.db);
	return {
		today: dayIn(nowMs(), timeZone),
		cooling: run,
		packs: packs.map(({ id, code, number, of, status, shelf, freezer }) => ({
			id,
			code,
			number,
			of,
			status,
			shelf,
			freezer
		})),
		name: packs[0].name,
		cautions: await cautionsOfPack(locals.db, 'pack', packs[0]),
		packing,
		cookable: isCookable(packs[0]),
		freezeMin: card?.freezeMin ?? null,
		placeC: {
			freezer: cardInput?.freezerC ?? packing.storage.freezerC,
			refrigerator: cardInput?.refrigeratorC ?? null
		}
	};
};

export const actions: Actions = {
	/** packs whose labels were printed ahead are filled and in the freezer now */
	freeze: async ({ request, params, locals }) => {
		const data = await request.formData();
		const raw = rawFields(data);
		const house = await getHousehold(locals.db);
		const habit = habitOf(house);
		const form = readForm(freezeSchema(habit, dayIn(nowMs(), house.timeZone)), raw);
		if (!form.ok) return fail(400, { errors: form.errors, typed: raw });
		const codes = data.getAll('filled').map(String);
		const errors: Record<string, string> = {};
		const massesKg = new Map<string, number>();
		for (const code of codes) {
			const typed = raw[`mass-${code}`]?.trim();
			if (!typed) continue;
			const massKg = quantityFromText(typed, 'mass', habit);
			if (massKg >= 0.02 && massKg <= 8) massesKg.set(code, massKg);
			else errors[`mass-${code}`] = w.packOne.weighAgain;
		}
		if (codes.length === 0) errors.packedOn = w.packOne.noneFilled;
		if (Object.keys(errors).length > 0) return fail(400, { errors, typed: raw });
		await freezeReserved(locals.db, {
			packingId: Number(params.id),
			codes,
			massesKg,
			packedOn: form.value.packedOn,
			nowMs: saidAtMs(raw.saidAtMs, nowMs())
		});
		return { frozen: true };
	}
};
