import { error } from '@sveltejs/kit';
import { airPressureKPa, boilingC } from '$lib/core';
import { timeOfDayText } from '$lib/present/time';
import { limitsFrom } from '$lib/core/safety/limits';
import { asOfToday, isCurrent } from '$lib/core/table/as-of-today';
import { nextClockTime } from '$lib/server/serve-time';
import { getHousehold, habitOf } from '$lib/server/repos/household';
import { packActions } from '$lib/server/pack-actions';
import { packByCode } from '$lib/server/repos/packs';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals, url }) => {
	const pack = await packByCode(locals.db, params.code);
	if (!pack) error(404);
	const nowMs = Date.now();
	const house = await getHousehold(locals.db);
	const { timeZone } = house;
	const dinner = timeOfDayText('18:30', habitOf(house));
	const by = url.searchParams.get('by') ?? dinner;
	const serveAtMs = nextClockTime(by, timeZone, nowMs);
	const { cardInput, ...packing } = pack.packing;
	const today = asOfToday({
		packed: cardInput.convert,
		core: packing.core,
		house,
		limits: limitsFrom(house.limits)
	});
	return {
		pack: { ...pack, packing },
		convert: today,
		/** the label says what is still so */
		current: isCurrent(packing.card, cardInput.convert, today),
		asked: {
			altitudeM: today.kitchen.altitudeM,
			slowCooker: today.slowCooker,
			pressureCooker: today.pressureCooker,
			known: cardInput.convert.known,
			reheat: cardInput.convert.reheat ?? false,
			kind: cardInput.convert.kind,
			boilsC: boilingC(airPressureKPa(today.kitchen.altitudeM))
		},
		by: serveAtMs === null ? dinner : by,
		badTime: serveAtMs === null,
		serveAtMs: serveAtMs ?? (nextClockTime('18:30', timeZone, nowMs) as number),
		nowMs
	};
};

export const actions: Actions = packActions;
