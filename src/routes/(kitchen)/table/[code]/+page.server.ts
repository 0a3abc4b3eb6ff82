import { error, fail, redirect } from '@sveltejs/kit';
import { airPressureKPa, boilingC } from '$lib/core';
import { changesSince, routeNames, thawRoutes } from '$lib/core/serving';
import { questionOf } from '$lib/server/services/table/pack-question';
import * as w from '$lib/present/wording';
import { assumedSchema } from '$lib/schemas/assumed';
import { enoughs } from '$lib/schemas/choices';
import { cookLogSchema } from '$lib/schemas/cook-log';
import { rawFields, readForm } from '$lib/schemas/read-form';
import { packActions } from '$lib/server/services/packs/pack-actions';
import { cautionsOfPack } from '$lib/server/queries/cautions';
import { cooksLike } from '$lib/server/queries/cooks';
import { getHousehold, habitOf } from '$lib/server/queries/household';
import { runningSheetOf, servedSheetOf } from '$lib/server/queries/cook-sheets';
import { containers } from '$lib/core/published';
import { keptBackOf } from '$lib/server/services/table/sheet-facts';
import { together } from '$lib/server/services/table/packs-together';
import type { Db } from '$lib/server/db/db';
import { startSheet } from '$lib/server/services/table/start-sheet';
import {
	dishKey,
	isCookable,
	packByCode,
	packsByCode,
	type CookablePack
} from '$lib/server/queries/packs';
import { worthOfDishes } from '$lib/server/services/learn/worth-changing';
import { cookOfSheet } from '$lib/server/services/table/how-it-was';
import { assumeOfPack, logCook, sayEnough } from '$lib/server/services/packs/after-cooking';
import { readTyped } from '$lib/schemas/read-typed';
import { askedAway, askedMeal, awayQuery, mealQuery } from '$lib/server/serve-time';
import { cardOfToday } from '$lib/server/services/packs/card-of-today';
import { nowMs as serverMs } from '$lib/server/now';
import { saidAtMs } from '$lib/server/said-at';
import { rowId } from '$lib/server/row-id';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals, url }) => {
	const pack = await packByCode(locals.db, params.code);
	if (!pack) error(404);
	// what it is made of is not known: its own page says so and what to do
	if (!isCookable(pack)) redirect(303, `/freezer/${pack.code}`);
	const nowMs = serverMs();
	const house = await getHousehold(locals.db);
	const { by, onDay, badTime, serveAtMs } = askedMeal(url, habitOf(house), nowMs);
	const out = askedAway(url, serveAtMs, house.timeZone);
	const { cardInput, ...packing } = pack.packing;
	const { packed, today, input, current } = questionOf(pack, house);
	const others = await othersOf(locals.db, pack, url.searchParams.get('with'));
	const all = [pack, ...others];
	const isMany = others.length > 0;
	const asked = isMany ? together(all.map((one) => questionOf(one, house).input)) : input;
	const { card } = pack.packing;
	const busy = await runningSheetOf(locals.db, pack.code);
	const cooks = await cooksLike(locals.db, pack.packing);
	const { slowCooker, pressureCooker } = today;
	return {
		pack: { ...pack, packing },
		/** packs of the same dish that go in with it */
		others: others.map(({ code }) => code),
		servings: all.reduce((sum, { own }) => sum + own.servings, 0),
		massKg: all.reduce((sum, { own }) => sum + own.massKg, 0),
		/** as packed, in today's household */
		convert: isMany ? asked.convert : today,
		/** the label says what is still so */
		current: current && !isMany,
		/** computed anew where it is not; comes when it is ready */
		todayCard: current && !isMany ? null : cardOfToday(locals.compute, asked),
		/** what of the household is not as it was when the label was printed */
		changed: current ? [] : changesSince(card.modelVersion, packed, today),
		cautions: await cautionsOfPack(locals.db, 'cook', pack),
		kept: keptBackOf(all),
		/** it is being cooked */
		sheetId: busy?.id ?? null,
		owned: house.owned.appliances,
		thawPlaces: { refrigeratorC: house.refrigeratorC, coldWaterC: cardInput.coldWaterC },
		cooks,
		/** this pack's, once it is written down */
		mine: cooks.findLast(({ packId }) => packId === pack.id) ?? null,
		/** as it was planned, for the cook to say what was otherwise */
		proposedCook: cookOfSheet(await servedSheetOf(locals.db, pack.code), card),
		/** what follows from how this dish came out; computed after */
		worth: worthOfDishes(locals, house, pack.dish ? [pack.dish.id] : []),
		asked: {
			altitudeM: today.kitchen.altitudeM,
			slowCooker,
			pressureCooker,
			known: cardInput.convert.known,
			reheat: cardInput.convert.reheat ?? false,
			kind: cardInput.convert.kind,
			boilsC: boilingC(airPressureKPa(today.kitchen.altitudeM))
		},
		/** known by its name only */
		rough: cardInput.rough ?? false,
		inPan: containers[packing.container].pan,
		by,
		badTime: badTime !== null,
		/** of the address, what asking for another time leaves as it is */
		keeps: [...url.searchParams].filter(([name]) => name !== 'by'),
		away: out.away,
		query: mealQuery(by, onDay) + awayQuery(out.typed),
		serveAtMs,
		nowMs
	};
};

/** A moment out of a form, ms; 0 for what is none, or is more than a year away. */
function momentMs(text: FormDataEntryValue | null): number {
	const ms = Number(text);
	return Math.abs(ms - serverMs()) < 366 * 86_400_000 ? Math.round(ms) : 0;
}

/** More packs than this are not one pot. */
const mostTogether = 12;

/** Packs of the same dish, in the same state, that were named with it. */
async function othersOf(db: Db, pack: CookablePack, named: string | null) {
	if (!named) return [];
	return (await packsByCode(db, named.split(',').slice(0, mostTogether))).filter(
		(other): other is CookablePack =>
			isCookable(other) &&
			other.code !== pack.code &&
			dishKey(other.packing) === dishKey(pack.packing) &&
			other.status === pack.status
	);
}

export const actions: Actions = {
	...packActions,
	/** begins a meal of this pack, and of others of its dish that go in with it */
	begin: async ({ request, params, locals }) => {
		const form = await request.formData();
		const { db } = locals;
		const nowMs = serverMs();
		const first = await packByCode(db, params.code);
		const route = routeNames.find((name) => name === form.get('route'));
		const serveAtMs = momentMs(form.get('serveAtMs'));
		if (!first || !isCookable(first) || !route || !(serveAtMs > 0))
			return fail(400, { message: w.cookSheet.noWay });
		const busy = await runningSheetOf(db, first.code);
		if (busy) redirect(303, `/table/sheet/${busy.id}`);
		if (first.status !== 'frozen' && first.status !== 'thawing')
			return fail(409, { message: w.packActionsAnswers.alreadyOut });
		const packs = [first, ...(await othersOf(db, first, String(form.get('with') ?? '')))];
		const house = await getHousehold(db);
		const way = String(form.get('way') ?? '');
		const [fromMs, toMs] = [momentMs(form.get('outFromMs')), momentMs(form.get('outToMs'))];
		const away = fromMs > 0 && toMs > fromMs ? { fromMs, toMs } : null;
		const meal = { packs, way, route, serveAtMs, nowMs, away };
		const id = await startSheet(db, house, locals.compute, meal);
		if (id === null) return fail(409, { message: w.cookSheet.noWay });
		redirect(303, `/table/sheet/${id}`);
	},
	assume: async ({ request, params, locals }) => {
		const pack = await packByCode(locals.db, params.code);
		if (!pack) error(404);
		const typed = String((await request.formData()).get('assumed') ?? '');
		const assumed = typed === '' ? null : readTyped(assumedSchema, typed);
		if (assumed === undefined) return fail(400, { message: w.whatIf.badChange });
		await assumeOfPack(locals.db, pack, assumed, serverMs());
		return { assumed: true };
	},
	log: async ({ request, params, locals }) => {
		const raw = rawFields(await request.formData());
		const pack = await packByCode(locals.db, params.code);
		if (!pack || !isCookable(pack)) error(404);
		const house = await getHousehold(locals.db);
		const form = readForm(cookLogSchema(habitOf(house)), raw);
		if (!form.ok) return fail(400, { logErrors: form.errors, typed: raw });
		if (pack.status !== 'cooked') return fail(409, { message: w.cookLog.notCooked });
		const { way, route: routeName, setMin, coreC, outcome, note } = form.value;
		const routes = thawRoutes(pack.packing.card, { inPan: false, massKg: pack.own.massKg });
		const [first] = routes;
		const method = first.options[way]?.method;
		const route = routes.find((known) => known.name === routeName);
		if (!method || !route)
			return fail(400, { logErrors: { way: w.cookLog.noSuchWay }, typed: raw });
		await logCook(locals.db, pack, {
			atMs: saidAtMs(raw.saidAtMs, serverMs()),
			method,
			route: route.name,
			setMin,
			coreC: coreC ?? null,
			outcome: outcome ?? null,
			note: note ?? ''
		});
		return { logged: true };
	},
	enough: async ({ request, params, locals }) => {
		const raw = rawFields(await request.formData());
		const pack = await packByCode(locals.db, params.code);
		const enough = enoughs.find((name) => name === raw.enough);
		if (!pack) error(404);
		if (!enough || !(await sayEnough(locals.db, pack, rowId(raw.cookId ?? null), enough)))
			return fail(409, { message: w.cookLog.notCooked });
		return { enough };
	}
};
