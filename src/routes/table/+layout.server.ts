import { containers } from '$lib/core/published/containers';
import { thawRoutes } from '$lib/core/serving/thaw-routes';
import { whenToStart } from '$lib/core/serving/when-to-start';
import { timeOfDayText } from '$lib/present/time';
import { nextClockTime } from '$lib/server/serve-time';
import { firstOfPackings } from '$lib/server/queries/packs';
import { getHousehold, habitOf } from '$lib/server/queries/household';
import { nowMs as serverMs } from '$lib/server/now';
import type { LayoutServerLoad } from './$types';

const usualDinner = '18:30';

/** What can be eaten by a time: the list beside every card. */
export const load: LayoutServerLoad = async ({ locals, url }) => {
	const nowMs = serverMs();
	const house = await getHousehold(locals.db);
	const { timeZone } = house;
	const dinner = timeOfDayText(usualDinner, habitOf(house));
	const asked = url.searchParams.get('by') ?? dinner;
	const serveAtMs = nextClockTime(asked, timeZone, nowMs);
	const by = serveAtMs === null ? dinner : asked;
	const serveMs = serveAtMs ?? (nextClockTime(usualDinner, timeZone, nowMs) as number);
	// packs of one packing are alike: one line for them, the first to use
	const firsts = await firstOfPackings(locals.db);
	const ways = firsts.map(({ pack, card, alike }) => {
		const routes = thawRoutes(card, {
			inPan: containers[pack.packing.container].pan,
			massKg: pack.own.massKg
		});
		const all = routes.flatMap(({ name, beforeMin, refused, options }) =>
			refused
				? []
				: options.flatMap((option) => {
						const plan = whenToStart({ option, beforeMin, serveAtMs: serveMs, nowMs });
						return plan && option.totalMin
							? [
									{
										method: option.method,
										route: name,
										advice: option.advice,
										totalMin: option.totalMin,
										...plan
									}
								]
							: [];
					})
		);
		const [best = null] = all
			.filter(({ fits }) => fits)
			.sort(
				(a, b) =>
					Number(a.advice !== 'good') - Number(b.advice !== 'good') || a.totalMin.to - b.totalMin.to
			);
		// begun now, it is ready as much later as its start has passed
		const [earliest = null] = all
			.map(({ method, route, takeOutAtMs, startAtMs }) => ({
				method,
				route,
				readyAtMs: nowMs + serveMs - (takeOutAtMs ?? startAtMs)
			}))
			.sort((a, b) => a.readyAtMs - b.readyAtMs);
		return { pack, alike, best, earliest };
	});
	return {
		asked: { by, badTime: serveAtMs === null ? asked : null, serveAtMs: serveMs, nowMs },
		ways
	};
};
