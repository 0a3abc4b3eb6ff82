import { fail } from '@sveltejs/kit';
import { measuredPressureCooker, measuredSlowCooker, slowCookerModel } from '$lib/core/kitchen';
import { CoreError } from '$lib/core';
import * as w from '$lib/present/wording';
import { comeUpSchema, ovenAirSchema, waterTestSchema } from '$lib/schemas/measure';
import { rawFields, readForm } from '$lib/schemas/read-form';
import { getHousehold, habitOf } from '$lib/server/queries/household';
import { appliancePaces } from '$lib/server/services/learn/paces';
import { changeHousehold } from '$lib/server/services/household/save-household';
import { nowMs } from '$lib/server/now';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals: { db, compute } }) => {
	const house = await getHousehold(db);
	const { slowCooker } = house;
	return {
		usualLowW: slowCookerModel({ volumeL: slowCooker.volumeL }).lowW,
		/** what logged cooks say beside the measurements; computed after */
		paces: appliancePaces(db, compute, house)
	};
};

/** A broken question (water colder than it began) has no answer either. */
function orNull<T>(compute: () => T | null): T | null {
	try {
		return compute();
	} catch (error) {
		if (error instanceof CoreError) return null;
		throw error;
	}
}

export const actions: Actions = {
	slow: async ({ request, locals }) => {
		const raw = rawFields(await request.formData());
		const house = await getHousehold(locals.db);
		const form = readForm(waterTestSchema(habitOf(house)), raw);
		if (!form.ok) return fail(400, { part: 'slow', errors: form.errors, typed: raw });
		const { afterMin, ...test } = form.value;
		const slowCooker = orNull(() =>
			measuredSlowCooker({
				...test,
				afterH: afterMin / 60,
				cooker: house.slowCooker,
				kitchen: house
			})
		);
		if (!slowCooker)
			return fail(400, { part: 'slow', errors: { waterC: w.measure.slowNone }, typed: raw });
		await changeHousehold(locals.db, { slowCooker }, nowMs());
		return { part: 'slow', saved: true };
	},
	pressure: async ({ request, locals }) => {
		const raw = rawFields(await request.formData());
		const house = await getHousehold(locals.db);
		const form = readForm(comeUpSchema(habitOf(house)), raw);
		if (!form.ok) return fail(400, { part: 'pressure', errors: form.errors, typed: raw });
		const pressureCooker = orNull(() =>
			measuredPressureCooker({ ...form.value, cooker: house.pressureCooker, kitchen: house })
		);
		if (!pressureCooker)
			return fail(400, {
				part: 'pressure',
				errors: { comeUpMin: w.measure.pressureNone },
				typed: raw
			});
		await changeHousehold(locals.db, { pressureCooker }, nowMs());
		return { part: 'pressure', saved: true };
	},
	oven: async ({ request, locals }) => {
		const raw = rawFields(await request.formData());
		const form = readForm(ovenAirSchema(habitOf(await getHousehold(locals.db))), raw);
		if (!form.ok) return fail(400, { part: 'oven', errors: form.errors, typed: raw });
		const { setC, trueC, fan } = form.value;
		const oven = { fan, offsetK: Math.round(trueC - setC), measured: true };
		await changeHousehold(locals.db, { oven }, nowMs());
		return { part: 'oven', saved: true };
	}
};
