import { fail } from '@sveltejs/kit';
import { containerKeys, type ContainerKey } from '$lib/core/published/containers';
import { w } from '$lib/present/wording';
import { rawFields } from '$lib/schemas/read-form';
import { nowMs } from '$lib/server/now';
import { containersLeft } from '$lib/server/queries/freezer-stock';
import { setContainerOwned } from '$lib/server/writes/freezer-stock';
import { addUndo } from '$lib/server/writes/undo';
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
		const before = new Map((await containersLeft(locals.db)).map((c) => [c.container, c.owned]));
		await locals.db.transaction(async (tx) => {
			for (const [container, owned] of wanted) {
				const was = before.get(container) ?? null;
				if (was === owned) continue;
				await setContainerOwned(tx, container, owned);
				await addUndo(tx, {
					action: { kind: 'containers-changed', container, owned: was },
					what: w.containersPage.heading,
					atMs: nowMs()
				});
			}
		});
		return { saved: true };
	}
};
