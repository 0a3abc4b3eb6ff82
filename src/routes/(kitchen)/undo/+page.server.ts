import { redirect } from '@sveltejs/kit';
import { nowMs } from '$lib/server/now';
import { rowId } from '$lib/server/row-id';
import { dismissLine, takeBackLine } from '$lib/server/services/household/undo-lines';
import type { Actions } from './$types';

/** Back to the page the line was pressed on; only ever a page of this application. */
const pageOf = (form: FormData) => {
	const from = String(form.get('from') ?? '');
	return /^\/(?!\/)/.test(from) ? from : '/';
};

export const load = () => redirect(307, '/');

export const actions: Actions = {
	takeBack: async ({ request, locals }) => {
		const form = await request.formData();
		await takeBackLine(locals.db, rowId(form.get('id')), nowMs());
		redirect(303, pageOf(form));
	},
	dismiss: async ({ request, locals }) => {
		const form = await request.formData();
		await dismissLine(locals.db, rowId(form.get('id')));
		redirect(303, pageOf(form));
	}
};
