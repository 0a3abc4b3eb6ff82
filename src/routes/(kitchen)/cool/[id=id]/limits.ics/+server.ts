import { error } from '@sveltejs/kit';
import { coolingView } from '$lib/core/cooling';
import { limitsFrom, ruleGates } from '$lib/core/rules';
import { gatesCalendar } from '$lib/formats/gates-ics';
import { coolingRuleText } from '$lib/present/wording/codes/cooling-words';
import { tempText } from '$lib/present/units';
import * as w from '$lib/present/wording';
import { calendarAnswer } from '$lib/server/calendar-answer';
import { nowMs } from '$lib/server/now';
import { getCooling } from '$lib/server/queries/cooling';
import { getHousehold, habitOf } from '$lib/server/queries/household';
import type { RequestHandler } from './$types';

/** Both limits of a run as calendar entries with alarms: a locked phone rings by its own calendar. */
export const GET: RequestHandler = async ({ params, locals }) => {
	const run = await getCooling(locals.db, Number(params.id));
	if (!run) error(404);
	const house = await getHousehold(locals.db);
	const habit = habitOf(house);
	const limits = limitsFrom(house.limits);
	const { rule } = run.forecast;
	const { clockStartMin } = coolingView(run, nowMs(), limits);
	const text = gatesCalendar(
		run.name,
		ruleGates(rule, limits).map(({ gateC, limitMin }) => ({
			uid: `cooling-${run.id}-${gateC}@almacen`,
			atMs: run.startedAtMs + (clockStartMin + limitMin) * 60_000,
			summary: w.probes.eventName({ name: run.name, temp: tempText(gateC, habit) }),
			description: w.probes.eventText({ limit: coolingRuleText(rule, limits, habit) })
		})),
		nowMs()
	);
	return calendarAnswer(text, `cooling-${run.id}`);
};
