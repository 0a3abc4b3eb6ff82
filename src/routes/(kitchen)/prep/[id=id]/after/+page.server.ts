import { error, fail } from '@sveltejs/kit';
import { dayState } from '$lib/core/schedule';
import { rawFields } from '$lib/schemas/read-form';
import { eventsOfDay, getDay, marksOfDay } from '$lib/server/queries/days';
import { latestNotes } from '$lib/server/queries/dishes';
import { todayAt } from '$lib/server/queries/today';
import { openPortions } from '$lib/server/services/day/day-portions';
import { dayProgress } from '$lib/server/services/day/day-progress';
import { acceptLearned, keptTimes, learnedSoFar } from '$lib/server/services/day/learned-work';
import { planOfDay } from '$lib/server/services/day/plan-menu';
import * as w from '$lib/present/wording';
import type { Actions, PageServerLoad } from './$types';

/** Planned against actual, by dish and step, with what later days learn of it; the cost by the price book and by receipts; what is left. */
export const load: PageServerLoad = async ({ params, locals }) => {
	const { db } = locals;
	const dayId = Number(params.id);
	const day = await getDay(db, dayId);
	const portions = await openPortions(db, dayId);
	const bar = await dayProgress(db, dayId, portions);
	const plan = await planOfDay(db, dayId, {
		prefer: 'price',
		withStaples: false,
		matches: false,
		today: await todayAt(db)
	});
	if (!day || !bar || !plan) error(404);
	const state = dayState(await eventsOfDay(db, dayId));
	const paid = (await marksOfDay(db, dayId)).flatMap(({ paidCents }) =>
		paidCents === null ? [] : [paidCents]
	);
	const times = new Map(day.run ? keptTimes(day.run, state).map((time) => [time.id, time]) : []);
	const next01 = await learnedSoFar(db);
	const notes = await latestNotes(db);
	const kept = day.run?.plan;
	return {
		bar,
		steps: (kept?.tasks ?? [])
			.filter(({ kind }) => kind !== 'pause')
			.flatMap(({ id, kind, text, dishIds, durationMin, work, baseMin }) => {
				const { startedAtMs, endedAtMs, skipped = false } = state.tasks[id] ?? {};
				const actualMin = startedAtMs && endedAtMs ? (endedAtMs - startedAtMs) / 60_000 : null;
				if (actualMin === null && !skipped) return [];
				const time = times.get(id);
				return {
					id,
					kind,
					text,
					dishIds,
					plannedMin: durationMin,
					skipped,
					actualMin,
					learned: time
						? { work, counts: time.counts, nextMin: baseMin * (next01[work] ?? 1) }
						: null
				};
			}),
		wholeMin: {
			planned: kept?.endMin ?? null,
			actual:
				state.startedAtMs !== null && state.endedAtMs !== null
					? (state.endedAtMs - state.startedAtMs) / 60_000
					: null
		},
		dishes: plan.planned.map(({ row, dish }) => ({
			id: dish.id,
			name: dish.name,
			note: notes.get(dish.id) ?? null,
			portions: row.portions,
			notPacked: portions.open
				.filter(({ dishId }) => dishId === dish.id)
				.reduce((sum, { packs }) => sum + packs, 0)
		})),
		leftOver: plan.priced
			.filter(({ packs, leftKg }) => packs.length > 0 && leftKg > 0.02)
			.map(({ line, leftKg }) => ({ key: line.key, name: line.name, aisle: line.aisle, leftKg })),
		plannedCents: plan.costs.reduce((sum, { wholeCents }) => sum + wholeCents, 0),
		paidCents: paid.reduce((sum, cents) => sum + cents, 0),
		receipts: paid.length
	};
};

export const actions: Actions = {
	/** what a step took on this day counts for later ones, or not */
	learn: async ({ request, params, locals }) => {
		const raw = rawFields(await request.formData());
		if (!raw.work) return fail(400, { message: w.after.whichStep });
		if (!(await acceptLearned(locals.db, Number(params.id), raw.work, raw.counts === 'on')))
			error(404);
		return { learned: true };
	}
};
