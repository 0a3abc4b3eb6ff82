import { dayProgress } from '$lib/server/services/day/day-progress';
import { error, fail, redirect } from '@sveltejs/kit';
import { dayIn } from '$lib/present/time';
import * as w from '$lib/present/wording';
import { dayDishSchema, daySchema, plannedSchema } from '$lib/schemas/menu-day';
import { rawFields, readForm } from '$lib/schemas/read-form';
import {
	dropDish,
	giveUpDay,
	moveDay,
	putDishOn,
	setPlannedDish
} from '$lib/server/services/day/change-day';
import { readTyped } from '$lib/schemas/read-typed';
import { latestNotes, listDishes, type Dish } from '$lib/server/queries/dishes';
import { piecesOfDish } from '$lib/server/services/dishes/pieces-of-dish';
import { getHousehold, habitOf } from '$lib/server/queries/household';
import { shelfContents } from '$lib/server/queries/freezer-stock';
import { portionsToPack } from '$lib/server/services/packs/pack-portions';
import { stepsOfDish } from '$lib/server/services/dishes/steps-of-dish';
import { handsMin, longestCookingMin } from '$lib/core/steps';
import { todayAt } from '$lib/server/queries/today';
import { worthOfDishes } from '$lib/server/services/learn/worth-changing';
import { planOfDay } from '$lib/server/services/day/plan-menu';
import { nowMs } from '$lib/server/now';
import { rowId } from '$lib/server/row-id';
import type { Actions, PageServerLoad } from './$types';

/** as many as a small drawn shelf shows */
const mostSlabs = 14;

export const load: PageServerLoad = async ({ params, locals }) => {
	const plan = await planOfDay(locals.db, Number(params.id), {
		prefer: 'price',
		withStaples: false,
		matches: true,
		today: await todayAt(locals.db)
	});
	if (!plan) error(404);
	const { day, planned, totals, costs, priced, matches, longest } = plan;
	const dishes = await listDishes(locals.db);
	const { rows, packs: all, freezers } = await portionsToPack(locals.db, day.id, nowMs());
	const bar = await dayProgress(locals.db, day.id, { open: rows, packs: all });
	if (!bar) error(404);
	const notes = await latestNotes(locals.db);
	const contents = new Map((await shelfContents(locals.db, mostSlabs)).map((c) => [c.shelfId, c]));
	return {
		bar,
		day,
		/** what follows from how these dishes were the last times; computed after */
		worth: worthOfDishes(
			locals,
			await getHousehold(locals.db),
			planned.map(({ dish }) => dish.id)
		),
		planned: planned.map(({ row, dish }) => ({
			id: row.id,
			dishId: dish.id,
			name: dish.name,
			note: notes.get(dish.id) ?? null,
			state: dish.state,
			batches: row.batches,
			portions: row.portions,
			pieces: piecesOf(dish),
			servings: dish.servings * row.batches,
			handsMin: handsMin(stepsOfDish(dish), row.batches),
			cooksMin: longestCookingMin(stepsOfDish(dish), row.batches)
		})),
		plan: day.run?.plan
			? {
					tasks: day.run.plan.tasks,
					startMin: day.run.plan.startMin,
					endMin: day.run.plan.endMin,
					lowerBoundMin: day.run.plan.lowerBoundMin
				}
			: null,
		shelves: freezers.flatMap((freezer) =>
			freezer.shelves.map(({ id, name }) => ({
				id,
				name: `${freezer.name}, ${name}`,
				slabs: (contents.get(id)?.slabs ?? []).map(({ code, thicknessM }) => ({ code, thicknessM }))
			}))
		),
		comes: rows
			.filter(({ to }) => to === 'freezer')
			.map(({ shelfId, packs, litres }) => ({ shelfId, packs, litres })),
		totals,
		costs,
		unpriced: [...new Set(priced.filter((p) => p.wholeCents === null).map((p) => p.line.name))],
		matches,
		handsMin: plan.handsMin,
		longest,
		dishes: dishes.map(({ id, name }) => ({ id, name }))
	};
};

const piecesOf = (dish: Dish) => {
	const all = piecesOfDish(dish);
	return all && { perServing: all.count / dish.servings, name: all.name };
};

export const actions: Actions = {
	add: async ({ request, params, locals }) => {
		const form = readForm(dayDishSchema, rawFields(await request.formData()));
		if (!form.ok) return fail(400, { errors: form.errors });
		if (!(await putDishOn(locals.db, Number(params.id), form.value.dishId))) error(404);
		return { added: true };
	},
	set: async ({ request, locals }) => {
		const raw = rawFields(await request.formData());
		const form = readTyped(plannedSchema, raw.planned ?? '');
		if (!form) return fail(400, { message: w.menuDay.notANumber });
		const set = await setPlannedDish(locals.db, rowId(raw.id ?? null), form, raw.seen);
		if (set === 'gone') error(404);
		if (set === 'changed') return fail(409, { message: w.menuDay.changedElsewhere });
		return { set: true };
	},
	drop: async ({ request, params, locals }) => {
		const raw = rawFields(await request.formData());
		if (!(await dropDish(locals.db, Number(params.id), rowId(raw.id ?? null), nowMs()))) error(404);
		return { dropped: true };
	},
	date: async ({ request, params, locals }) => {
		const raw = rawFields(await request.formData());
		const house = await getHousehold(locals.db);
		const form = readForm(daySchema(habitOf(house), dayIn(nowMs(), house.timeZone)), raw);
		if (!form.ok) return fail(400, { errors: form.errors });
		if (!(await moveDay(locals.db, Number(params.id), form.value.onDay))) error(404);
		return { dated: true };
	},
	remove: async ({ params, locals }) => {
		if (!(await giveUpDay(locals.db, Number(params.id), nowMs()))) error(404);
		redirect(303, '/menu');
	}
};
