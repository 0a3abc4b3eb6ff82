import { fail } from '@sveltejs/kit';
import { freezerSchema } from '$lib/schemas/household';
import { rawFields, readForm } from '$lib/schemas/read-form';
import { getHousehold, habitOf, listFreezers } from '$lib/server/queries/household';
import { rowId } from '$lib/server/row-id';
import { removeFreezer, writeFreezer } from '$lib/server/services/household/change-freezer';
import { nowMs } from '$lib/server/now';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
	freezers: await listFreezers(locals.db)
});

export const actions: Actions = {
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
	}
};
