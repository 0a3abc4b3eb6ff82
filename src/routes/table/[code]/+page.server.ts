import { error } from '@sveltejs/kit';
import { airPressureKPa, boilingC } from '$lib/core';
import { timeOfDayText } from '$lib/present/time';
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
	return {
		pack: { ...pack, packing },
		convert: cardInput.convert,
		asked: {
			altitudeM: cardInput.convert.kitchen.altitudeM,
			slowCooker: cardInput.convert.slowCooker,
			pressureCooker: cardInput.convert.pressureCooker,
			known: cardInput.convert.known,
			reheat: cardInput.convert.reheat ?? false,
			kind: cardInput.convert.kind,
			boilsC: boilingC(airPressureKPa(cardInput.convert.kitchen.altitudeM))
		},
		by: serveAtMs === null ? dinner : by,
		badTime: serveAtMs === null,
		serveAtMs: serveAtMs ?? (nextClockTime('18:30', timeZone, nowMs) as number),
		nowMs
	};
};

export const actions: Actions = packActions;
