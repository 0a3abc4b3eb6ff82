import { fail } from '@sveltejs/kit';
import type { Bowl } from '$lib/core';
import { freezerSchema, householdSchema } from '$lib/schemas/household';
import { rawFields, readForm } from '$lib/schemas/read-form';
import {
	addFreezer,
	getHousehold,
	listFreezers,
	saveHousehold,
	type Household
} from '$lib/server/repos/household';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
	freezers: await listFreezers(locals.db)
});

type Values = Record<string, string | number | undefined>;

function bowlOf(values: Values, prefix: string): Bowl | undefined {
	const lengthM = values[`${prefix}BowlLengthM`] as number | undefined;
	const depthM = values[`${prefix}BowlDepthM`] as number | undefined;
	if (lengthM === undefined || depthM === undefined) return undefined;
	const kind = values[`${prefix}BowlKind`] === 'oval' ? 'oval' : 'round';
	const widthM = (values[`${prefix}BowlWidthM`] as number | undefined) ?? lengthM;
	return { kind, lengthM, widthM: kind === 'round' ? lengthM : widthM, depthM };
}

export const actions: Actions = {
	save: async ({ request, locals }) => {
		const raw = rawFields(await request.formData());
		const form = readForm(householdSchema(await getHousehold(locals.db)), raw);
		if (!form.ok) return fail(400, { part: 'household', errors: form.errors, typed: raw });
		const v = form.value as unknown as Values & Household;
		const watts = (key: string) => v[key] as number | undefined;
		await saveHousehold(locals.db, {
			system: v.system,
			temperature: v.temperature,
			altitudeM: v.altitudeM,
			roomC: v.roomC,
			refrigeratorC: v.refrigeratorC,
			timeZone: v.timeZone,
			houseMonths: v.houseMonths ?? null,
			slowCooker: {
				volumeL: v.slowVolumeL as number,
				effectiveLowW: watts('slowLowW'),
				effectiveHighW: watts('slowHighW'),
				bowl: bowlOf(v, 'slow')
			},
			pressureCooker: {
				volumeL: v.pressureVolumeL as number,
				powerW: watts('pressurePowerW'),
				bowl: bowlOf(v, 'pressure')
			}
		});
		return { part: 'household', saved: true };
	},
	freezer: async ({ request, locals }) => {
		const raw = rawFields(await request.formData());
		const form = readForm(freezerSchema(await getHousehold(locals.db)), raw);
		if (!form.ok) return fail(400, { part: 'freezer', errors: form.errors, typed: raw });
		const names = form.value.shelves.split('\n').map((name) => name.trim());
		await addFreezer(locals.db, { ...form.value, shelves: names.filter(Boolean) });
		return { part: 'freezer', saved: true };
	}
};
