import { error, fail } from '@sveltejs/kit';
import { airPressureKPa, boilingC } from '$lib/core';
import { nextClockTime } from '$lib/server/serve-time';
import { getHousehold } from '$lib/server/repos/household';
import { packByCode, setPackStatus } from '$lib/server/repos/packs';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ params, locals, url }) => {
	const pack = await packByCode(locals.db, params.code);
	if (!pack) error(404);
	const nowMs = Date.now();
	const { timeZone } = await getHousehold(locals.db);
	const by = url.searchParams.get('by') ?? '18:30';
	const serveAtMs = nextClockTime(by, timeZone, nowMs);
	const { cardInput, ...packing } = pack.packing;
	return {
		pack: { ...pack, packing },
		asked: {
			altitudeM: cardInput.convert.kitchen.altitudeM,
			slowCooker: cardInput.convert.slowCooker,
			pressureCooker: cardInput.convert.pressureCooker,
			known: cardInput.convert.known,
			reheat: cardInput.convert.reheat ?? false,
			kind: cardInput.convert.kind,
			boilsC: boilingC(airPressureKPa(cardInput.convert.kitchen.altitudeM))
		},
		by: serveAtMs === null ? '18:30' : by,
		badTime: serveAtMs === null,
		serveAtMs: serveAtMs ?? (nextClockTime('18:30', timeZone, nowMs) as number),
		nowMs
	};
};

export const actions: Actions = {
	cooked: async ({ params, locals }) => {
		const done = await setPackStatus(locals.db, params.code, {
			from: 'frozen',
			to: 'cooked',
			cookedAtMs: Date.now()
		});
		if (!done)
			return fail(409, {
				message: 'This pack was already marked cooked, perhaps on another device.'
			});
	},
	undo: async ({ params, locals }) => {
		const done = await setPackStatus(locals.db, params.code, {
			from: 'cooked',
			to: 'frozen',
			cookedAtMs: null
		});
		if (!done) return fail(409, { message: 'This pack is back in the freezer already.' });
	}
};
