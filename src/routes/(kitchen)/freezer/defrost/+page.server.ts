import { underBlankets } from '$lib/core/storage';
import { dayIn } from '$lib/present/time';
import { defrostSchema } from '$lib/schemas/care-table';
import { readForm } from '$lib/schemas/read-form';
import { getHousehold, habitOf, listFreezers } from '$lib/server/queries/household';
import { defrostOf } from '$lib/server/services/packs/defrost-freezer';
import { nowMs } from '$lib/server/now';
import { rowId } from '$lib/server/row-id';
import type { PageServerLoad } from './$types';

type Shown = { code: string; name: string; massKg: number; bestBy: string | null };
const shown = (of: readonly Shown[]): Shown[] =>
	of.map(({ code, name, massKg, bestBy }) => ({ code, name, massKg, bestBy }));

/** A freezer's defrosting day: asked by the address. */
export const load: PageServerLoad = async ({ locals, url }) => {
	const house = await getHousehold(locals.db);
	const freezers = await listFreezers(locals.db);
	const asked = rowId(url.searchParams.get('freezer'));
	const freezer = freezers.find(({ id }) => id === asked) ?? freezers[0] ?? null;
	const { freezer: _freezer, ...typed } = Object.fromEntries(url.searchParams) as Record<
		string,
		string
	>;
	const form = readForm(defrostSchema(habitOf(house), house.roomC), typed);
	const today = dayIn(nowMs(), house.timeZone);
	const plan = freezer && (await defrostOf(locals.db, freezer, freezers, today));
	return {
		freezers: freezers.map(({ id, name }) => ({ id, name })),
		freezer: freezer && { id: freezer.id, name: freezer.name },
		typed,
		errors: form.ok ? {} : form.errors,
		asked: form.ok ? form.value : null,
		other: plan?.otherFreezer?.name ?? null,
		eat: shown(plan?.eat ?? []),
		toOther: shown(plan?.toOther ?? []),
		stack: shown(plan?.stack ?? []),
		hold:
			form.ok && plan && plan.stack.length > 0
				? underBlankets({ packs: plan.stack, ...form.value })
				: null
	};
};
