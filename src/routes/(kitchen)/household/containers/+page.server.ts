import { fail } from '@sveltejs/kit';
import { type ContainerKey, containerKeys } from '$lib/core/published';
import * as w from '$lib/present/wording';
import { rawFields } from '$lib/schemas/read-form';
import { nowMs } from '$lib/server/now';
import { containersLeft } from '$lib/server/queries/freezer-stock';
import { ownContainers } from '$lib/server/services/household/own-containers';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
	stock: await containersLeft(locals.db)
});

export const actions: Actions = {
	default: async ({ request, locals }) => {
		const raw = rawFields(await request.formData());
		const errors: Record<string, string> = {};
		const wanted = new Map<ContainerKey, number | null>();
		for (const key of containerKeys) {
			const typed = (raw[key] ?? '').trim();
			const owned = typed === '' ? null : Number(typed);
			if (owned === null || (Number.isInteger(owned) && owned >= 0 && owned <= 1000))
				wanted.set(key, owned);
			else errors[key] = w.containersPage.bad;
		}
		if (Object.keys(errors).length > 0) return fail(400, { errors, typed: raw });
		await ownContainers(locals.db, wanted, nowMs());
		return { saved: true };
	}
};
