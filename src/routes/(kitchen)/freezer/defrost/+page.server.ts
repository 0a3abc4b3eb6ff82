import { isIce } from '$lib/core/foods/stock-name';
import { defrostPlan, underBlankets } from '$lib/core/storage/defrosting';
import { usableL } from '$lib/core/storage/usable-litres';
import { addDays } from '$lib/core/units/day';
import { dayIn } from '$lib/present/time';
import { defrostSchema } from '$lib/schemas/care-table';
import { readForm } from '$lib/schemas/read-form';
import { shelfContents } from '$lib/server/queries/freezer-stock';
import { getHousehold, habitOf, listFreezers } from '$lib/server/queries/household';
import { foodsInFreezer } from '$lib/server/queries/packs';
import { nowMs } from '$lib/server/now';
import { rowId } from '$lib/server/row-id';
import type { PageServerLoad } from './$types';

/** What a pack nobody knows the food of is counted as: a stew (judgement). */
const someStew = {
	composition: { water: 0.77, protein: 0.11, fat: 0.03, carbohydrate: 0.08, fibre: 0, ash: 0.01 }
};
/** Best by within so many days is eaten on the day. */
const soonDays = 14;

export const load: PageServerLoad = async ({ locals, url }) => {
	const house = await getHousehold(locals.db);
	const freezers = await listFreezers(locals.db);
	const today = dayIn(nowMs(), house.timeZone);
	const asked = rowId(url.searchParams.get('freezer'));
	const freezer = freezers.find(({ id }) => id === asked) ?? freezers[0] ?? null;
	const { freezer: _freezer, ...typed } = Object.fromEntries(url.searchParams) as Record<
		string,
		string
	>;
	const form = readForm(defrostSchema(habitOf(house), house.roomC), typed);
	const rows = freezer ? await foodsInFreezer(locals.db, freezer.id) : [];
	const contents = await shelfContents(locals.db, 0);
	const inShelves = (of: (typeof freezers)[number]) =>
		contents
			.filter(({ shelfId }) => of.shelves.some(({ id }) => id === shelfId))
			.reduce((sum, { litres }) => sum + litres, 0);
	const others = freezers
		.filter(({ id }) => id !== freezer?.id)
		.map((other) => ({ name: other.name, leftL: Math.max(0, usableL(other) - inShelves(other)) }))
		.sort((a, b) => b.leftL - a.leftL);
	const packs = rows.map(({ food, ...pack }) => ({
		...pack,
		food: food ?? someStew,
		isIce: isIce(pack.name)
	}));
	const plan = defrostPlan(packs, {
		otherL: others[0]?.leftL ?? 0,
		until: addDays(today, soonDays)
	});
	const shown = (of: typeof packs) =>
		of.map(({ code, name, massKg, bestBy }) => ({ code, name, massKg, bestBy }));
	return {
		freezers: freezers.map(({ id, name }) => ({ id, name })),
		freezer: freezer && { id: freezer.id, name: freezer.name },
		typed,
		errors: form.ok ? {} : form.errors,
		asked: form.ok ? form.value : null,
		other: others[0]?.name ?? null,
		eat: shown(plan.eat),
		toOther: shown(plan.other),
		stack: shown(plan.stack),
		hold:
			form.ok && plan.stack.length > 0 ? underBlankets({ packs: plan.stack, ...form.value }) : null
	};
};
