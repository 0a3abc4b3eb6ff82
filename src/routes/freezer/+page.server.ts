import { w } from '$lib/present/wording';
import { fail, redirect } from '@sveltejs/kit';
import { readPackCode } from '$lib/core/packing/pack-code';
import { dayIn } from '$lib/present/time';
import { frozenPacks, packByCode } from '$lib/server/repos/packs';
import { getHousehold, listFreezers } from '$lib/server/repos/household';
import { nowMs } from '$lib/server/now';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
	packs: await frozenPacks(locals.db),
	freezers: await listFreezers(locals.db),
	today: dayIn(nowMs(), (await getHousehold(locals.db)).timeZone)
});

export const actions: Actions = {
	find: async ({ request, locals }) => {
		const typed = String((await request.formData()).get('code') ?? '');
		const code = readPackCode(typed);
		if (!code)
			return fail(400, {
				typed,
				message: w.freezerAnswers.thatIsNotA
			});
		if (!(await packByCode(locals.db, code)))
			return fail(404, { typed, message: w.freezerAnswers.noPackHasThe(code) });
		redirect(303, `/freezer/${code}`);
	}
};
