import { error, fail, redirect } from '@sveltejs/kit';
import { proposedPortions } from '$lib/core/menu/day-totals';
import { dayIn, dayText } from '$lib/present/time';
import { w } from '$lib/present/wording';
import { dayDishSchema, daySchema, plannedSchema } from '$lib/schemas/menu-day';
import { rawFields, readForm } from '$lib/schemas/read-form';
import { dishesOfDay, getDay } from '$lib/server/queries/days';
import { addDayDish, dropDayDish, setDay, setDayDish } from '$lib/server/writes/days';
import { getDish, latestNotes, listDishes } from '$lib/server/queries/dishes';
import { getHousehold, habitOf } from '$lib/server/queries/household';
import { planOfDay } from '$lib/server/services/day/plan-menu';
import { undoable } from '$lib/server/undo/undoable';
import { nowMs } from '$lib/server/now';
import type { Actions, PageServerLoad } from './$types';

/** Packs of so many servings are proposed first (a household of five cooks for four or five). */
const usualServings = 4;

export const load: PageServerLoad = async ({ params, locals }) => {
	const plan = await planOfDay(locals.db, Number(params.id), {
		prefer: 'price',
		withStaples: false,
		matches: true
	});
	if (!plan) error(404);
	const { day, planned, totals, costs, priced, matches, handsMin, longestMin } = plan;
	const dishes = await listDishes(locals.db);
	const notes = await latestNotes(locals.db);
	return {
		day,
		planned: planned.map(({ row, dish }) => ({
			id: row.id,
			dishId: dish.id,
			name: dish.name,
			note: notes.get(dish.id) ?? null,
			state: dish.state,
			batches: row.batches,
			portions: row.portions
		})),
		totals,
		costs,
		unpriced: [...new Set(priced.filter((p) => p.wholeCents === null).map((p) => p.line.name))],
		matches,
		handsMin,
		longestMin,
		dishes: dishes.map(({ id, name }) => ({ id, name }))
	};
};

/** The day as it is, to take a change of it back. */
async function noteOf({ locals, params }: { locals: App.Locals; params: { id: string } }) {
	const dayId = Number(params.id);
	const day = await getDay(locals.db, dayId);
	if (!day) error(404);
	const before = (await dishesOfDay(locals.db, dayId)).map(
		({ dishId, position, batches, portions }) => ({
			dishId,
			position,
			batches,
			portions
		})
	);
	const house = await getHousehold(locals.db);
	return {
		day,
		action: { kind: 'day-changed', dayId, before } as const,
		what: dayText(day.onDay, habitOf(house)),
		atMs: nowMs()
	};
}

export const actions: Actions = {
	add: async ({ request, params, locals }) => {
		const form = readForm(dayDishSchema, rawFields(await request.formData()));
		if (!form.ok) return fail(400, { errors: form.errors });
		const dish = await getDish(locals.db, form.value.dishId);
		if (!dish || !(await getDay(locals.db, Number(params.id)))) error(404);
		await addDayDish(locals.db, {
			dayId: Number(params.id),
			dishId: dish.id,
			portions: proposedPortions(dish.servings, Math.min(usualServings, dish.servings))
		});
		return { added: true };
	},
	set: async ({ request, locals }) => {
		const raw = rawFields(await request.formData());
		const form = readPlanned(raw.planned);
		if (!form) return fail(400, { message: w.menuDay.notANumber });
		if (!(await setDayDish(locals.db, Number(raw.id), form))) error(404);
		return { set: true };
	},
	drop: async ({ request, params, locals }) => {
		const raw = rawFields(await request.formData());
		const { day: _day, ...note } = await noteOf({ locals, params });
		await undoable(locals.db, note, (tx) => dropDayDish(tx, Number(raw.id)));
		return { dropped: true };
	},
	date: async ({ request, params, locals }) => {
		const raw = rawFields(await request.formData());
		const house = await getHousehold(locals.db);
		const form = readForm(daySchema(habitOf(house), dayIn(nowMs(), house.timeZone)), raw);
		if (!form.ok) return fail(400, { errors: form.errors });
		await setDay(locals.db, Number(params.id), { onDay: form.value.onDay });
		return { dated: true };
	},
	remove: async ({ params, locals }) => {
		const { day, what, atMs } = await noteOf({ locals, params });
		const action = { kind: 'day-removed', dayId: day.id } as const;
		await undoable(locals.db, { action, what, atMs }, (tx) =>
			setDay(tx, day.id, { removedAtMs: atMs })
		);
		redirect(303, '/menu');
	}
};

function readPlanned(typed: string | undefined) {
	try {
		return plannedSchema.validateSync(JSON.parse(typed ?? ''), { stripUnknown: true });
	} catch {
		// whatever is wrong with it, the screen says what to do
		return null;
	}
}
