import { error } from '@sveltejs/kit';
import { dayState } from '$lib/core/schedule/day-events';
import { eventsOfDay, getDay, marksOfDay } from '$lib/server/queries/days';
import { todayAt } from '$lib/server/queries/today';
import { dayProgress } from '$lib/server/services/day/day-progress';
import { planOfDay } from '$lib/server/services/day/plan-menu';
import type { PageServerLoad } from './$types';

/** Planned against actual, by dish and step; the cost by the price book and by receipts. */
export const load: PageServerLoad = async ({ params, locals }) => {
	const { db } = locals;
	const dayId = Number(params.id);
	const day = await getDay(db, dayId);
	const bar = await dayProgress(db, dayId);
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
	const kept = day.run?.plan;
	return {
		bar,
		steps: (kept?.tasks ?? [])
			.filter(({ kind }) => kind !== 'pause')
			.map(({ id, kind, text, dishIds, durationMin }) => {
				const { startedAtMs, endedAtMs, skipped } = state.tasks[id] ?? {};
				return {
					id,
					kind,
					text,
					dishIds,
					plannedMin: durationMin,
					skipped: skipped ?? false,
					actualMin: startedAtMs && endedAtMs ? (endedAtMs - startedAtMs) / 60_000 : null
				};
			}),
		wholeMin: {
			planned: kept?.endMin ?? null,
			actual:
				state.startedAtMs !== null && state.endedAtMs !== null
					? (state.endedAtMs - state.startedAtMs) / 60_000
					: null
		},
		dishes: plan.planned.map(({ dish }) => ({ id: dish.id, name: dish.name })),
		plannedCents: plan.costs.reduce((sum, { wholeCents }) => sum + wholeCents, 0),
		paidCents: paid.reduce((sum, cents) => sum + cents, 0),
		receipts: paid.length
	};
};
