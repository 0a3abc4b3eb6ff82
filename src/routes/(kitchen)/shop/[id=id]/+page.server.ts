import { dayProgress } from '$lib/server/services/day/day-progress';
import { error, fail, redirect } from '@sveltejs/kit';
import { itemByName } from '$lib/core/foods';
import { addComponent } from '$lib/server/services/dishes/add-component';
import { substitutesFor } from '$lib/core/shopping';
import { sendOrder } from '$lib/server/shop-client';
import * as w from '$lib/present/wording';
import { paidSchema, takenSchema } from '$lib/schemas/pantry';
import { readTyped } from '$lib/schemas/read-typed';
import { rawFields, readForm } from '$lib/schemas/read-form';
import { listDays, marksOfDay } from '$lib/server/queries/days';
import { notePaid, takeFromShop } from '$lib/server/services/day/change-day';
import { planOfDay } from '$lib/server/services/day/plan-menu';
import { shopViewLine } from '$lib/present/shop-view';
import type { Actions, PageServerLoad } from './$types';
import { gotKeys } from './lines-to-buy';
import { planOptions } from './plan-options';
import { nowMs as serverMs } from '$lib/server/now';

export const load: PageServerLoad = async ({ params, locals, url }) => {
	const options = await planOptions(url, locals);
	const plan = await planOfDay(locals.db, Number(params.id), options);
	const bar = await dayProgress(locals.db, Number(params.id));
	if (!plan || !bar) error(404);
	return {
		bar,
		day: plan.day,
		days: await listDays(locals.db),
		options,
		servings: plan.totals.servings,
		dishServings: Object.fromEntries(
			plan.planned.map(({ row, dish }) => [dish.name, dish.servings * row.batches])
		),
		dishPacks: Object.fromEntries(
			plan.planned.map(({ row, dish }) => [
				dish.name,
				row.portions.reduce((sum, portion) => sum + portion.packs, 0)
			])
		),
		lines: plan.priced.map(shopViewLine),
		costs: plan.costs,
		marks: await marksOfDay(locals.db, plan.day.id)
	};
};

/** Sends what has packs to the shop; what is missing or comes otherwise is answered with what could be bought instead. */
async function order({
	params,
	locals,
	url
}: {
	params: { id: string };
	locals: App.Locals;
	url: URL;
}) {
	const plan = await planOfDay(locals.db, Number(params.id), await planOptions(url, locals));
	if (!plan) error(404);
	const got = await gotKeys(locals.db, plan.day.id);
	const wanted = plan.priced.filter(({ line, packs }) => packs.length > 0 && !got.has(line.key));
	const answer = await sendOrder(
		wanted.flatMap(({ packs }) =>
			packs.map(({ entry, count }) => ({ item: entry.itemName, label: entry.label, count }))
		)
	);
	if (!answer) return fail(503, { order: null, orderMessage: w.pantry.shopSilent });
	const alternativesOf = (itemName: string) =>
		plan.planned.flatMap(({ dish }) =>
			dish.lines.flatMap((line) => (line.itemName === itemName ? line.alternatives : []))
		);
	return {
		order: answer.lines.map((line) => {
			const priced = wanted.find((one) => one.line.item?.name === line.item);
			return {
				...line,
				key: priced?.line.key ?? line.item,
				substitutes:
					line.is === 'missing' && priced
						? substitutesFor(priced.line, alternativesOf(line.item))
						: []
			};
		})
	};
}

export const actions: Actions = {
	order,
	component: async ({ request, locals }) => {
		const raw = rawFields(await request.formData());
		const item = itemByName(raw.item ?? '');
		const grams = Math.round(Number(raw.leftKg) * 1000);
		if (!item || !(grams > 0 && grams < 50_000)) error(400);
		const id = await addComponent(locals.db, { itemName: item.name, grams, nowMs: serverMs() });
		redirect(303, `/menu/${id}`);
	},
	/** what the shop answered is taken, a line or several at once */
	take: async ({ request, params, locals }) => {
		const raw = rawFields(await request.formData());
		const taken = readTyped(takenSchema, raw.taken ?? '');
		if (!taken) return fail(400, { orderMessage: w.shop.takeBad });
		if (!(await takeFromShop(locals.db, Number(params.id), taken, serverMs()))) error(404);
		return { took: taken.length };
	},
	paid: async ({ request, params, locals }) => {
		const raw = rawFields(await request.formData());
		const form = readForm(paidSchema, raw);
		if (!form.ok) return fail(400, { errors: form.errors, key: raw.key });
		const paid = { ...form.value, dayId: Number(params.id), atMs: serverMs() };
		if (!(await notePaid(locals.db, paid))) error(404);
		return { paid: true };
	}
};
