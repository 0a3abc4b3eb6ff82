import { containers } from '$lib/core/published/containers';
import { eveningOf } from '$lib/core/serving/evening';
import { thawRoutes } from '$lib/core/serving/thaw-routes';
import { addDays } from '$lib/core/units/day';
import { dayIn, instantText } from '$lib/present/time';
import { askedMeal, mealQuery } from '$lib/server/serve-time';
import { firstOfPackings } from '$lib/server/queries/packs';
import { getHousehold, habitOf } from '$lib/server/queries/household';
import { nowMs as serverMs } from '$lib/server/now';
import type { LayoutServerLoad } from './$types';

/** As soon as possible is a moment that can be kept. */
const roundMs = 5 * 60_000;
const weekMs = 7 * 86_400_000;

/** What can be eaten by a time, or as soon as possible: the list beside every card. */
export const load: LayoutServerLoad = async ({ locals, url }) => {
	const nowMs = serverMs();
	const house = await getHousehold(locals.db);
	const habit = habitOf(house);
	const owned = house.owned.appliances;
	// packs of one packing are alike: one line for them, the first to use
	const firsts = await firstOfPackings(locals.db);
	const packs = firsts.map(({ pack, card, alike }) => ({
		pack,
		alike,
		routes: thawRoutes(card, {
			inPan: containers[pack.packing.container].pan,
			massKg: pack.own.massKg
		})
	}));
	const evenings = (serveAtMs: number) =>
		packs.map(({ pack, alike, routes }) => ({
			pack,
			alike,
			...eveningOf({ routes, owned, serveAtMs, nowMs })
		}));
	/** When the first of them can be ready, begun now; null when none can. */
	const soonestMs = (): number | null => {
		const ready = evenings(nowMs + weekMs).flatMap(({ earliest }) => earliest?.readyAtMs ?? []);
		return ready.length > 0 ? Math.ceil(Math.min(...ready) / roundMs) * roundMs : null;
	};
	const wantsSoon = url.searchParams.get('by') === 'soon';
	const soonMs = wantsSoon ? soonestMs() : null;
	const soon = soonMs !== null;
	const asked = soon
		? { by: instantText(soonMs, habit), onDay: null, badTime: null, serveAtMs: soonMs }
		: askedMeal(url, habit, nowMs);
	const { by, serveAtMs } = asked;
	const ways = evenings(serveAtMs);
	if (soon)
		ways.sort((a, b) => (a.earliest?.readyAtMs ?? Infinity) - (b.earliest?.readyAtMs ?? Infinity));
	const today = dayIn(nowMs, habit.timeZone);
	const serveDay = dayIn(serveAtMs, habit.timeZone);
	const tomorrow = addDays(today, 1);
	return {
		asked: {
			by,
			/** the day, when another than the next one that has this time */
			onDay: asked.onDay,
			soon,
			badTime: wantsSoon ? null : asked.badTime,
			serveAtMs,
			nowMs,
			/** the same moment on the card of a pack */
			query: mealQuery(by, soon && serveDay !== today ? serveDay : asked.onDay),
			/** the same hour tonight and tomorrow */
			tonight: mealQuery(by, null),
			tomorrow: mealQuery(by, tomorrow),
			isTomorrow: serveDay === tomorrow
		},
		ways
	};
};
