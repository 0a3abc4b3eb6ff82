import * as w from '$lib/present/wording';
import { fail, redirect } from '@sveltejs/kit';
import { readBackup } from '$lib/formats/backup';
import {
	appliancesSchema,
	chosenHabit,
	freezerSchema,
	kitchenSchema
} from '$lib/schemas/household';
import { rawFields, readForm } from '$lib/schemas/read-form';
import { getHousehold, habitOf, listFreezers } from '$lib/server/queries/household';
import { rowId } from '$lib/server/row-id';
import { removeFreezer, writeFreezer } from '$lib/server/services/household/change-freezer';
import { readBackIn } from '$lib/server/services/household/read-back-in';
import {
	applianceValues,
	changeHousehold,
	kitchenValues
} from '$lib/server/services/household/save-household';
import { nowMs } from '$lib/server/now';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
	freezers: await listFreezers(locals.db),
	copies: await locals.copies.list()
});

export const actions: Actions = {
	kitchen: async ({ request, locals }) => {
		const raw = rawFields(await request.formData());
		const form = readForm(
			kitchenSchema(chosenHabit(raw, habitOf(await getHousehold(locals.db)))),
			raw
		);
		if (!form.ok) return fail(400, { part: 'kitchen', errors: form.errors, typed: raw });
		await changeHousehold(locals.db, kitchenValues(form.value), nowMs());
		return { part: 'kitchen', saved: true };
	},
	appliances: async ({ request, locals }) => {
		const raw = rawFields(await request.formData());
		const house = await getHousehold(locals.db);
		const form = readForm(appliancesSchema(habitOf(house)), raw);
		if (!form.ok) return fail(400, { part: 'appliances', errors: form.errors, typed: raw });
		await changeHousehold(locals.db, applianceValues(form.value, house), nowMs());
		return { part: 'appliances', saved: true };
	},
	freezer: async ({ request, locals }) => {
		const raw = rawFields(await request.formData());
		const id = rowId(raw.id ?? null) || undefined;
		const form = readForm(freezerSchema(habitOf(await getHousehold(locals.db))), raw);
		if (!form.ok) return fail(400, { part: 'freezer', errors: form.errors, typed: raw });
		const written = await writeFreezer(locals.db, form.value, nowMs(), id);
		if (!written.ok)
			return fail(400, { part: 'freezer', errors: { shelves: written.message }, typed: raw });
		return { part: 'freezer', saved: true };
	},
	removeFreezer: async ({ request, locals }) => {
		const id = rowId((await request.formData()).get('id'));
		const removed = await removeFreezer(locals.db, id, nowMs());
		if (!removed.ok) return fail(400, { part: 'freezers', errors: { freezer: removed.message } });
		return { part: 'freezers', saved: true };
	},
	copy: async ({ locals }) => {
		await locals.copies.make();
		return { part: 'copies', saved: true };
	},
	readBack: async ({ request, locals }) => {
		const file = (await request.formData()).get('file');
		if (!(file instanceof File) || file.size === 0)
			return fail(400, {
				part: 'readBack',
				errors: { file: w.householdAnswers.fileMissing }
			});
		const read = readBackup(await file.text());
		if (!read.ok) return fail(400, { part: 'readBack', errors: { file: read.message } });
		const done = await readBackIn(locals.db, locals.copies, read.backup, nowMs());
		if (!done.ok) return fail(400, { part: 'readBack', errors: { file: done.message } });
		redirect(303, '/freezer');
	}
};
