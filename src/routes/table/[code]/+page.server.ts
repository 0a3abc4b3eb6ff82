import { error, fail, redirect } from '@sveltejs/kit';
import { airPressureKPa, boilingC } from '$lib/core';
import { limitsFrom } from '$lib/core/safety/limits';
import { asIf } from '$lib/core/serving/as-if';
import { asOfToday, changesSince, isCurrent } from '$lib/core/serving/as-of-today';
import { thawRoutes } from '$lib/core/serving/thaw-routes';
import * as w from '$lib/present/wording';
import { assumedSchema } from '$lib/schemas/assumed';
import { cookLogSchema } from '$lib/schemas/cook-log';
import { rawFields, readForm } from '$lib/schemas/read-form';
import { packActions } from '$lib/server/services/packs/pack-actions';
import { cautionsOfPack } from '$lib/server/queries/cautions';
import { cooksOfDish } from '$lib/server/queries/cooks';
import { getHousehold, habitOf } from '$lib/server/queries/household';
import { isCookable, packByCode, type CookablePack } from '$lib/server/queries/packs';
import { assumeOfPack, logCook } from '$lib/server/services/packs/after-cooking';
import { readTyped } from '$lib/schemas/read-typed';
import { askedMeal, mealQuery } from '$lib/server/serve-time';
import { cardOfToday, isOwnCard, ofThisPack } from '$lib/server/services/packs/card-of-today';
import type { Household } from '$lib/server/db/schema';
import { nowMs as serverMs } from '$lib/server/now';
import { saidAtMs } from '$lib/server/said-at';
import type { Actions, PageServerLoad } from './$types';

/** What is asked of a pack in the household as it is today, and whether its kept card still answers that. */
function questionOf(pack: CookablePack, house: Household) {
	const { cardInput, core, card } = pack.packing;
	const mine = isOwnCard(pack);
	const packed = mine ? cardInput.convert : ofThisPack(cardInput.convert, pack.own);
	const today = asOfToday({
		packed,
		core,
		house,
		limits: limitsFrom(house.limits)
	});
	const convert = pack.assumed ? asIf(today, pack.assumed) : today;
	const input = { ...cardInput, convert, refrigeratorC: house.refrigeratorC };
	const current =
		mine &&
		!pack.assumed &&
		cardInput.refrigeratorC === house.refrigeratorC &&
		isCurrent(card, cardInput.convert, today);
	return { packed, today, input, current };
}

export const load: PageServerLoad = async ({ params, locals, url }) => {
	const pack = await packByCode(locals.db, params.code);
	if (!pack) error(404);
	// what it is made of is not known: its own page says so and what to do
	if (!isCookable(pack)) redirect(303, `/freezer/${pack.code}`);
	const nowMs = serverMs();
	const house = await getHousehold(locals.db);
	const { by, onDay, badTime, serveAtMs } = askedMeal(url, habitOf(house), nowMs);
	const { cardInput, ...packing } = pack.packing;
	const { packed, today, input, current } = questionOf(pack, house);
	const { card } = pack.packing;
	return {
		pack: { ...pack, packing },
		/** as packed, in today's household */
		convert: today,
		/** the label says what is still so */
		current,
		/** computed anew where it is not; comes when it is ready */
		todayCard: current ? null : cardOfToday(locals.compute, input),
		/** what of the household is not as it was when the label was printed */
		changed: current ? [] : changesSince(card.modelVersion, packed, today),
		cautions: await cautionsOfPack(locals.db, 'cook', pack),
		lateItems: pack.lateItems,
		thawPlaces: { refrigeratorC: house.refrigeratorC, coldWaterC: cardInput.coldWaterC },
		cooks: await cooksOfDish(locals.db, pack.dish.id),
		asked: {
			altitudeM: today.kitchen.altitudeM,
			slowCooker: today.slowCooker,
			pressureCooker: today.pressureCooker,
			known: cardInput.convert.known,
			reheat: cardInput.convert.reheat ?? false,
			kind: cardInput.convert.kind,
			boilsC: boilingC(airPressureKPa(today.kitchen.altitudeM))
		},
		by,
		badTime: badTime !== null,
		onDay,
		query: mealQuery(by, onDay),
		serveAtMs,
		nowMs
	};
};

export const actions: Actions = {
	...packActions,
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
	}
};
