import * as w from '$lib/present/wording';
import { fail, redirect, type RequestEvent } from '@sveltejs/kit';
import type { BackupResult } from '$lib/formats/backup';
import { backupOfCopy, lookInto, readBackIn } from '$lib/server/services/household/read-back-in';
import { makeSafeCopy } from '$lib/server/services/household/safe-copy';
import { nowMs } from '$lib/server/now';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({ copies: await locals.copies.list() });

/** The household a form names: by a file, or by the name of a safe copy. */
async function asked({ request, locals }: RequestEvent): Promise<BackupResult & { copy?: string }> {
	const form = await request.formData();
	const name = form.get('copy');
	if (typeof name === 'string' && name !== '') {
		const copy = (await locals.copies.list()).find((copy) => copy.name === name);
		if (!copy) return { ok: false, message: w.readBackInAnswers.copyGone };
		const path = locals.copies.path(copy.name);
		return { ...(await backupOfCopy(locals.prove, path, copy.madeAtMs)), copy: name };
	}
	const file = form.get('file');
	if (!(file instanceof File) || file.size === 0)
		return { ok: false, message: w.householdAnswers.fileMissing };
	return locals.readExported(await file.text());
}

const refused = (copy: string | undefined, message: string) =>
	fail(400, { part: 'readBack' as const, copy, errors: { file: message } });

export const actions: Actions = {
	copy: async ({ locals }) => {
		const made = await makeSafeCopy(locals.copies);
		if (!made.ok) return fail(507, { part: 'copies' as const, errors: { copy: made.message } });
		return { part: 'copies' as const, saved: true };
	},
	/** says what reading back would change, and changes nothing */
	look: async (event) => {
		const read = await asked(event);
		if (!read.ok) return refused(read.copy, read.message);
		const { db, prove } = event.locals;
		const seen = await lookInto(db, prove, read.backup, nowMs());
		if (!seen.ok) return refused(read.copy, seen.message);
		return { part: 'looked' as const, copy: read.copy, changes: seen.changes };
	},
	readBack: async (event) => {
		const read = await asked(event);
		if (!read.ok) return refused(read.copy, read.message);
		const { db, prove, copies } = event.locals;
		const done = await readBackIn(db, prove, copies, read.backup, nowMs());
		if (!done.ok) return refused(read.copy, done.message);
		redirect(303, '/freezer');
	}
};
