import * as w from '$lib/present/wording';
import { error, fail, redirect, type RequestEvent } from '@sveltejs/kit';
import { coolingWayNames, gateDecision } from '$lib/core/cooling';
import { limitsFrom } from '$lib/core/rules';
import { readThermometerCsv } from '$lib/formats/thermometer-csv';
import {
	endRun,
	goOnWithRun,
	noteReading,
	noteReadingsOfFile,
	setRunProbe,
	takeOutReading
} from '$lib/server/services/cooling/readings';
import { readingSchema } from '$lib/schemas/cooling';
import { rawFields, readForm } from '$lib/schemas/read-form';
import { cautionsOfDish } from '$lib/server/queries/cautions';
import { getDish } from '$lib/server/queries/dishes';
import { getCooling } from '$lib/server/queries/cooling';
import { rowId } from '$lib/server/row-id';
import { getHousehold, habitOf } from '$lib/server/queries/household';
import { fetchReadings } from '$lib/server/probes/follow-probes';
import { knownProbes } from '$lib/server/probes/thermometer-client';
import {
	coolAgain,
	coolingHelps,
	discardRun,
	moveRun
} from '$lib/server/services/cooling/decisions';
import { saidAtMs } from '$lib/server/said-at';
import { nowMs } from '$lib/server/now';
import type { Actions, PageServerLoad } from './$types';

/** The run of the page, with the household's limits. */
async function runOf({
	params,
	locals
}: Pick<RequestEvent, 'locals'> & { params: { id: string } }) {
	const run = await getCooling(locals.db, Number(params.id));
	if (!run) error(404);
	const house = await getHousehold(locals.db);
	return { run, house, limits: limitsFrom(house.limits) };
}

export const load: PageServerLoad = async ({ params, locals }) => {
	const { run, limits } = await runOf({ params, locals });
	const dish = run.dishId ? await getDish(locals.db, run.dishId) : null;
	const at = nowMs();
	const decision = gateDecision(run, at, limits);
	const wantsHelp = run.endedAtMs === null && decision.code === 'help-it';
	return {
		run,
		// comes after the page: it takes the core a moment
		helps: wantsHelp
			? coolingHelps(locals.compute, run, at, limits).then((ways) =>
					ways.map(({ name, vesselKind, coldMin, iceKg }) => ({ name, vesselKind, coldMin, iceKg }))
				)
			: null,
		cautions: dish ? cautionsOfDish('cool', dish) : [],
		probes: run.endedAtMs === null ? await knownProbes() : null
	};
};

export const actions: Actions = {
	reading: async ({ request, locals, params }) => {
		const raw = rawFields(await request.formData());
		const form = readForm(readingSchema(await getHousehold(locals.db)), raw);
		if (!form.ok) return fail(400, { errors: form.errors, typed: raw });
		const runId = Number(params.id);
		const id = await noteReading(locals.db, {
			runId,
			atMs: saidAtMs(raw.saidAtMs, nowMs()),
			tempC: form.value.tempC
		});
		if (id === null) error(404);
		return { added: id };
	},
	file: async ({ request, locals, params }) => {
		const { run, house } = await runOf({ params, locals });
		const file = (await request.formData()).get('file');
		if (!(file instanceof File) || file.size === 0)
			return fail(400, { errors: { file: w.probes.noFile } });
		const { rows, problems } = readThermometerCsv(await file.text(), run, habitOf(house));
		const fresh = await noteReadingsOfFile(locals.db, run.id, rows);
		return { read: { fresh, twice: rows.length - fresh, problems: problems.slice(0, 20) } };
	},
	probe: async ({ request, locals, params }) => {
		const { run } = await runOf({ params, locals });
		const raw = rawFields(await request.formData());
		const probe = raw.probe ? raw.probe.slice(0, 40) : null;
		await setRunProbe(locals.db, run, probe);
		if (probe) await fetchReadings(locals.db);
	},
	discard: async ({ locals, params }) => {
		const { run, limits } = await runOf({ params, locals });
		await discardRun(locals.db, run, nowMs(), limits);
	},
	moved: async ({ request, locals, params }) => {
		const { run, limits } = await runOf({ params, locals });
		const raw = rawFields(await request.formData());
		const way = coolingWayNames.find((name) => name === raw.way);
		if (!way) return fail(400, { errors: { way: w.gates.whichWay } });
		if (run.endedAtMs !== null) error(409, w.gates.ended);
		await moveRun(locals.db, locals.compute, run, { way, nowMs: nowMs(), limits });
	},
	reheated: async ({ request, locals, params }) => {
		const { run, limits } = await runOf({ params, locals });
		const raw = rawFields(await request.formData());
		const way = coolingWayNames.find((name) => name === raw.way) ?? 'pot-ice-bath-stirred';
		if (run.endedAtMs !== null || run.reheatOfId !== null) error(409, w.gates.whyReheated);
		const next = await coolAgain(locals.db, locals.compute, run, { way, nowMs: nowMs(), limits });
		redirect(303, `/cool/${next}`);
	},
	removeReading: async ({ request, locals }) => {
		const readingId = rowId((await request.formData()).get('id'));
		if (!(await takeOutReading(locals.db, readingId, nowMs())))
			return fail(404, { errors: { tempC: w.coolOneAnswers.readingGone } });
	},
	end: async ({ locals, params }) => {
		const { run } = await runOf({ params, locals });
		await endRun(locals.db, run, nowMs());
	},
	goOn: async ({ locals, params }) => {
		const { run } = await runOf({ params, locals });
		await goOnWithRun(locals.db, run);
	}
};
