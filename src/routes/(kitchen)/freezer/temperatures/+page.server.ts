import { fail } from '@sveltejs/kit';
import { qualityUse } from '$lib/core/storage';
import { readThermometerCsv } from '$lib/formats/thermometer-csv';
import * as w from '$lib/present/wording';
import { quantityFromText } from '$lib/schemas/quantity-text';
import { nowMs } from '$lib/server/now';
import { knownProbes } from '$lib/server/probes/thermometer-client';
import { lostDaysIn, readingsOf } from '$lib/server/queries/freezer-stock';
import { getHousehold, habitOf, listFreezers } from '$lib/server/queries/household';
import { followFreezer } from '$lib/server/services/packs/follow-freezer';
import { rowId } from '$lib/server/row-id';
import { keepFreezerReadings } from '$lib/server/services/packs/keep-freezer-readings';
import type { Actions, PageServerLoad } from './$types';

const monthMs = 30 * 24 * 3600_000;

export const load: PageServerLoad = async ({ locals, url }) => {
	const freezers = await listFreezers(locals.db);
	const asked = rowId(url.searchParams.get('freezer'));
	const freezer = freezers.find(({ id }) => id === asked) ?? freezers[0] ?? null;
	const toMs = nowMs();
	const fromMs = toMs - monthMs;
	const readings = freezer ? await readingsOf(locals.db, freezer.id, fromMs) : [];
	return {
		freezers: freezers.map(({ id, name }) => ({ id, name })),
		freezer,
		fromMs,
		toMs,
		readings,
		use: freezer ? qualityUse({ fromMs, toMs, setC: freezer.setC, readings }) : null,
		lost: freezer ? await lostDaysIn(locals.db, freezer.id) : [],
		probes: (await knownProbes()) ?? []
	};
};

export const actions: Actions = {
	add: async ({ request, locals }) => {
		const form = await request.formData();
		const typed = String(form.get('temp') ?? '');
		const house = await getHousehold(locals.db);
		const tempC = quantityFromText(typed, 'temperature', habitOf(house));
		if (!Number.isFinite(tempC))
			return fail(400, { temp: typed, message: w.temperatures.tempMissing });
		if (tempC < -60 || tempC > 60)
			return fail(400, { temp: typed, message: w.temperatures.badReading });
		const added = await keepFreezerReadings(
			locals.db,
			rowId(form.get('freezerId')),
			[{ atMs: nowMs(), tempC }],
			'hand',
			nowMs()
		);
		return { said: w.temperatures.added({ n: added, bad: 0 }) };
	},
	file: async ({ request, locals }) => {
		const form = await request.formData();
		const file = form.get('file');
		if (!(file instanceof File) || file.size === 0)
			return fail(400, { message: w.temperatures.badFile });
		const habit = habitOf(await getHousehold(locals.db));
		const { rows, problems } = readThermometerCsv(
			await file.text(),
			{ startedAtMs: nowMs() - monthMs },
			habit
		);
		const good = rows.filter(
			({ atMs, tempC }) => tempC >= -60 && tempC <= 60 && atMs <= nowMs() && atMs > 0
		);
		const bad = problems.length + rows.length - good.length;
		const freezerId = rowId(form.get('freezerId'));
		const added = await keepFreezerReadings(locals.db, freezerId, good, 'file', nowMs());
		const message = problems[0]
			? w.stockTable.line({ n: problems[0].line, message: problems[0].message })
			: undefined;
		if (rows.length === 0) return fail(400, { message: message ?? w.temperatures.nothingNew });
		return { said: w.temperatures.added({ n: added, bad }), message };
	},
	/** a probe lies in it from now on: it is asked at once, and again and again */
	follow: async ({ request, locals }) => {
		const form = await request.formData();
		const probe = String(form.get('probe') ?? '').slice(0, 40) || null;
		const freezerId = rowId(form.get('freezerId'));
		const added = await followFreezer(locals.db, freezerId, probe, nowMs());
		if (added === null) return fail(503, { message: w.temperatures.silent });
		return {
			said: added > 0 ? w.temperatures.added({ n: added, bad: 0 }) : w.temperatures.followed
		};
	}
};
