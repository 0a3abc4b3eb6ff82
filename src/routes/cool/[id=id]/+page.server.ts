import { w } from '$lib/present/wording';
import { error, fail } from '@sveltejs/kit';
import { instantText } from '$lib/present/time';
import { tempText } from '$lib/present/units';
import { undoable } from '$lib/server/undo/undoable';
import { readingSchema } from '$lib/schemas/cooling';
import { rawFields, readForm } from '$lib/schemas/read-form';
import {
	addReading,
	getCooling,
	getReading,
	setCoolingEnd,
	setReadingRemoved
} from '$lib/server/repos/cooling';
import { rowId } from '$lib/server/row-id';
import { getHousehold, habitOf } from '$lib/server/repos/household';
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
		const readingId = rowId((await request.formData()).get('id'));
		const reading = await getReading(locals.db, readingId);
		if (!reading) return fail(404, { errors: { tempC: w.coolOneAnswers.thisReadingIsGone } });
		const habit = habitOf(await getHousehold(locals.db));
		const what = `${tempText(reading.tempC, habit)}, ${instantText(reading.atMs, habit)}`;
		const action = { kind: 'reading-removed', readingId } as const;
		await undoable(locals.db, { action, what, atMs: Date.now() }, async (tx) => {
			await setReadingRemoved(tx, readingId, true);
			return true;
		});
	},
	end: async ({ locals, params }) => {
		const run = await getCooling(locals.db, Number(params.id));
		if (!run) error(404);
		const atMs = Date.now();
		const action = { kind: 'cooling-ended', runId: run.id } as const;
		await undoable(locals.db, { action, what: run.name, atMs }, async (tx) => {
			await setCoolingEnd(tx, run.id, atMs);
			return true;
		});
	},
	goOn: async ({ locals, params }) => {
		await setCoolingEnd(locals.db, Number(params.id), null);
	}
};
