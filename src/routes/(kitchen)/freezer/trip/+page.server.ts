import { coolBox } from '$lib/core';
import { someFood } from '$lib/core/foods';
import { dayIn } from '$lib/present/time';
import { readForm } from '$lib/schemas/read-form';
import { tripSchema } from '$lib/schemas/trip';
import { getHousehold, habitOf } from '$lib/server/queries/household';
import { packsByCode } from '$lib/server/queries/packs';
import { nowMs } from '$lib/server/now';
import type { PageServerLoad } from './$types';

const frozenC = -18;

export const load: PageServerLoad = async ({ locals, url }) => {
	const house = await getHousehold(locals.db);
	const habit = habitOf(house);
	const codes = (url.searchParams.get('codes') ?? '').split(',').filter(Boolean);
	const packs = (await packsByCode(locals.db, codes)).filter(({ status }) => status === 'frozen');
	const { codes: _codes, ...typed } = Object.fromEntries(url.searchParams) as Record<
		string,
		string
	>;
	const form = readForm(tripSchema(habit), typed);
	const asked = form.ok ? form.value : null;
	return {
		codes: packs.map(({ code }) => code).join(','),
		typed,
		errors: form.ok ? {} : form.errors,
		asked,
		today: dayIn(nowMs(), house.timeZone),
		hold:
			asked &&
			packs.length > 0 &&
			coolBox({
				packs: packs.map(({ own, packing }) => ({
					food: packing.cardInput?.convert.food ?? someFood,
					massKg: own.massKg,
					tempC: frozenC
				})),
				iceKg: asked.iceKg,
				box: { kind: asked.kind, volumeL: asked.volumeL },
				ambientC: asked.ambientC,
				openingsPerDay: asked.openings
			}),
		massKg: packs.reduce((sum, { own }) => sum + own.massKg, 0),
		packs: packs.map(({ code, name, own, packing, bestBy }) => ({
			code,
			name,
			massKg: own.massKg,
			servings: own.servings,
			state: packing.state,
			allergens: packing.allergens,
			bestBy
		}))
	};
};
