import * as w from '$lib/present/wording';
import { fail, redirect } from '@sveltejs/kit';
import { readBackup } from '$lib/formats/backup';
import { readBackIn } from '$lib/server/services/household/read-back-in';
import { nowMs } from '$lib/server/now';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({ copies: await locals.copies.list() });

export const actions: Actions = {
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
