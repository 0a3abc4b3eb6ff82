import * as w from '$lib/present/wording';
import { fail, type RequestEvent } from '@sveltejs/kit';
import { addDays, isDay } from '$lib/core/units';
import { dayIn, dayTitle } from '$lib/present/time';
import { asClock, clockFromText } from '$lib/schemas/clock-text';
import { mealSchema, whoSchema } from '$lib/schemas/weeks';
import { rawFields, readForm } from '$lib/schemas/read-form';
import { getHousehold, habitOf } from '$lib/server/queries/household';
import { mealById } from '$lib/server/queries/meals';
import { changeHousehold } from '$lib/server/services/household/save-household';
import { newCalendarToken } from '$lib/server/services/table/calendar-token';
import { endLeftover } from '$lib/server/services/table/leftovers';
import {
	dropMeal,
	fillEvenings,
	planMeals,
	replanMeal,
	usualEaters
} from '$lib/server/services/table/plan-meals';
import { packNames } from '$lib/server/services/table/pack-names';
import { wayOfKey } from '$lib/server/services/table/way-of-key';
import { weekView } from '$lib/server/services/table/weeks';
import { mondayOf } from '$lib/core/serving';
import { nowMs as serverMs } from '$lib/server/now';
import { rowId } from '$lib/server/row-id';
import type { Actions, PageServerLoad } from './$types';

const monthDays = 35;

export const load: PageServerLoad = async ({ locals, url }) => {
	const nowMs = serverMs();
	const house = await getHousehold(locals.db);
	const today = dayIn(nowMs, house.timeZone);
	const asked = url.searchParams.get('from');
	const isMonth = url.searchParams.get('view') === 'month';
	const from = mondayOf(asked && isDay(asked) ? asked : today);
	const days = isMonth ? monthDays : 7;
	const { calendarToken } = house;
	return {
		from,
		isMonth,
		today,
		nowMs,
		days: Array.from({ length: days }, (_, i) => addDays(from, i)),
		before: addDays(from, -days),
		after: addDays(from, days),
		eaters: house.eaters ?? usualEaters,
		calendar: calendarToken && `${url.origin}/calendar/${calendarToken}`,
		...(await weekView(locals.db, locals.compute, house, { from, days, nowMs }))
	};
};

/** The meal a form is about, as it was shown. */
async function mealOf({ locals }: RequestEvent, form: FormData) {
	const meal = await mealById(locals.db, rowId(form.get('id')));
	if (!meal) return null;
	const name = meal.name || (await packNames(locals.db, meal.codes));
	return { id: meal.id, version: rowId(form.get('version')), name };
}

export const actions: Actions = {
	add: async ({ request, locals }) => {
		const raw = rawFields(await request.formData());
		const house = await getHousehold(locals.db);
		const form = readForm(mealSchema(), raw);
		if (!form.ok) return fail(400, { message: Object.values(form.errors)[0] });
		const { onDay, codes = '', note = '' } = form.value;
		const chosen = codes.split(',').filter(Boolean);
		if (chosen.length === 0 && !note) return fail(400, { message: w.weeks.nothingChosen });
		const name = await packNames(locals.db, chosen);
		if (chosen.length > 0 && !name) return fail(409, { message: w.weeks.noSuch });
		const eaters = house.eaters ?? usualEaters;
		const kind = chosen.length > 0 ? ('packs' as const) : ('note' as const);
		const meal = { onDay, kind, codes: chosen, name: chosen.length > 0 ? '' : note, eaters };
		const what = w.weeks.added({
			what: name || note,
			day: dayTitle(onDay, habitOf(house))
		});
		await planMeals(locals.db, [meal], { what, nowMs: serverMs() });
		return { done: true };
	},
	move: async (event) => {
		const form = await event.request.formData();
		const onDay = String(form.get('onDay') ?? '');
		const typed = form.get('serveAt');
		const at = typed === null ? null : clockFromText(String(typed));
		const meal = await mealOf(event, form);
		if (!meal || !isDay(onDay)) return fail(409, { message: w.weeks.late });
		if (typed !== null && !at) return fail(400, { message: w.weeks.badHour });
		const { db } = event.locals;
		const serveAt = at && { serveAt: asClock(at) };
		const day = dayTitle(onDay, habitOf(await getHousehold(db)));
		const what = w.weeks.moved({ what: meal.name, day });
		const done = await replanMeal(db, meal, { onDay, ...serveAt }, { what, nowMs: serverMs() });
		return done ? { done } : fail(409, { message: w.weeks.late });
	},
	way: async (event) => {
		const form = await event.request.formData();
		const meal = await mealOf(event, form);
		const way = wayOfKey(String(form.get('way') ?? ''));
		if (!meal || !way) return fail(409, { message: w.weeks.late });
		const what = w.weeks.wayChanged({ what: meal.name });
		const done = await replanMeal(event.locals.db, meal, { way }, { what, nowMs: serverMs() });
		return done ? { done } : fail(409, { message: w.weeks.late });
	},
	drop: async (event) => {
		const meal = await mealOf(event, await event.request.formData());
		if (!meal) return fail(409, { message: w.weeks.late });
		const what = w.weeks.dropped({ what: meal.name });
		await dropMeal(event.locals.db, meal.id, { what, nowMs: serverMs() });
		return { done: true };
	},
	fill: async ({ request, locals }) => {
		const from = String((await request.formData()).get('from') ?? '');
		if (!isDay(from)) return fail(400, { message: w.weeks.late });
		const house = await getHousehold(locals.db);
		const n = await fillEvenings(locals.db, house, from, serverMs());
		return { said: n > 0 ? w.weeks.filledSome({ n }) : w.weeks.filledNone };
	},
	who: async ({ request, locals }) => {
		const form = readForm(whoSchema, rawFields(await request.formData()));
		if (!form.ok) return fail(400, { message: Object.values(form.errors)[0] });
		await changeHousehold(locals.db, { eaters: form.value.eaters }, serverMs());
		return { done: true };
	},
	address: async ({ locals }) => {
		await newCalendarToken(locals.db);
		return { done: true };
	},
	leftover: async ({ request, locals }) => {
		const form = await request.formData();
		const how = (['eaten', 'thrown', 'frozen'] as const).find((known) => known === form.get('how'));
		const id = rowId(form.get('id'));
		if (!how || !(await endLeftover(locals.db, id, how, serverMs())))
			return fail(409, { message: w.weeks.late });
		return { done: true };
	}
};
