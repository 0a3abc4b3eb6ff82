import { logFailure } from '$lib/server/log';
import { dayProgress } from '$lib/server/services/day/day-progress';
import { error, fail } from '@sveltejs/kit';
import { type CoolingWayName, coolingWayNames } from '$lib/core/cooling';
import { kitchenResources } from '$lib/schemas/choices';
import { dayRunSchema, type Pause } from '$lib/schemas/run-sheet';
import { rawFields, readForm } from '$lib/schemas/read-form';
import { nowMs } from '$lib/server/now';
import { staleForm } from '$lib/server/stale-form';
import { typedRun } from '$lib/present/typed-run';
import { runOfDay, runSheetNow } from '$lib/server/services/day/run-sheet-now';
import { getHousehold, habitOf } from '$lib/server/queries/household';
import { stepNotes } from '$lib/server/services/day/step-notes';
import { plannedDishes } from '$lib/server/services/day/day-dishes';
import { changeRun } from '$lib/server/services/day/note-events';
import type { RunSheet } from '$lib/core/schedule';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals }) => {
	const now = await runSheetNow(locals.db, locals.compute, Number(params.id), nowMs());
	const bar = await dayProgress(locals.db, Number(params.id));
	if (!now || !bar) error(404);
	const dishes = await plannedDishes(locals.db, now.day.id);
	const habit = habitOf(await getHousehold(locals.db));
	return {
		bar,
		now,
		dishes: dishes.map(({ dish }) => ({ id: dish.id, name: dish.name })),
		notes: stepNotes(dishes, habit)
	};
};

type RunForm = { startClock: string; deadlineClock?: string; pauses: Pause[] };

async function change(
	{ locals, params }: { locals: App.Locals; params: { id: string } },
	how: (run: RunSheet) => RunSheet
) {
	const { db, compute } = locals;
	const changed = await changeRun(db, compute, Number(params.id), nowMs(), how);
	if (!changed) error(404);
	changed.searched.catch(logFailure('a better plan was not found'));
}

export const actions: Actions = {
	plan: async (event) => {
		const raw = rawFields(await event.request.formData());
		const form = readForm(dayRunSchema(), raw);
		if (!form.ok) return fail(400, { errors: form.errors, typed: raw });
		const { db } = event.locals;
		const now = await runOfDay(db, Number(event.params.id));
		if (!now) error(404);
		const stale = staleForm(raw, typedRun(now, kitchenResources, habitOf(await getHousehold(db))));
		if (stale) return stale;
		const { startClock, deadlineClock, pauses } = form.value as unknown as RunForm;
		const amounts = form.value as unknown as Record<string, number>;
		await change(event, (run) => ({
			...run,
			startClock,
			deadlineClock: deadlineClock ?? null,
			pauses,
			capacity: {
				...run.capacity,
				...Object.fromEntries(kitchenResources.map((name) => [name, amounts[name]]))
			}
		}));
		return { planned: true };
	},
	evening: async (event) => {
		const raw = rawFields(await event.request.formData());
		const ids = new Set((raw.tasks ?? '').split('\n').filter(Boolean));
		await change(event, (run) => {
			const moved = (run.plan?.tasks ?? []).filter(({ id }) => ids.has(id));
			const added = moved.map(({ id, text }) => ({ id, text }));
			return { ...run, doneBefore: [...run.doneBefore, ...added] };
		});
		return { planned: true };
	},
	onTheDay: async (event) => {
		const raw = rawFields(await event.request.formData());
		await change(event, (run) => ({
			...run,
			doneBefore: run.doneBefore.filter(({ id }) => id !== raw.task)
		}));
		return { planned: true };
	},
	way: async (event) => {
		const raw = rawFields(await event.request.formData());
		const way = coolingWayNames.find((name) => name === raw.way) as CoolingWayName | undefined;
		const dishId = raw.dishId ?? '';
		await change(event, (run) => {
			const old = run.cooling[dishId];
			if (!old) return run;
			const chosen = way ? { ...old, way, byCook: true } : { ...old, byCook: false };
			delete chosen.options;
			return { ...run, cooling: { ...run.cooling, [dishId]: { ...chosen, of: '' } } };
		});
		return { planned: true };
	}
};
