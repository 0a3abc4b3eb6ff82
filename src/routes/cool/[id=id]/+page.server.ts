import { error, fail } from '@sveltejs/kit';
import { readingSchema } from '$lib/schemas/cooling';
import { rawFields, readForm } from '$lib/schemas/read-form';
import {
	addReading,
	getCooling,
	setCoolingEnd,
	setReadingRemoved
} from '$lib/server/repos/cooling';
import { rowId } from '$lib/server/row-id';
import { getHousehold } from '$lib/server/repos/household';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals, depends }) => {
	depends('almacen:clocks');
	const run = await getCooling(locals.db, Number(params.id));
	if (!run) error(404);
	return { run };
};

export const actions: Actions = {
	reading: async ({ request, locals, params }) => {
		const raw = rawFields(await request.formData());
		const form = readForm(readingSchema(await getHousehold(locals.db)), raw);
		if (!form.ok) return fail(400, { errors: form.errors, typed: raw });
		const runId = Number(params.id);
		const id = await addReading(locals.db, { runId, atMs: Date.now(), tempC: form.value.tempC });
		return { added: id };
	},
	removeReading: async ({ request, locals }) => {
		const id = rowId((await request.formData()).get('id'));
		await setReadingRemoved(locals.db, id, true);
		return { removed: id };
	},
	putBack: async ({ request, locals }) => {
		await setReadingRemoved(locals.db, rowId((await request.formData()).get('id')), false);
	},
	end: async ({ locals, params }) => {
		await setCoolingEnd(locals.db, Number(params.id), Date.now());
	},
	goOn: async ({ locals, params }) => {
		await setCoolingEnd(locals.db, Number(params.id), null);
	}
};
