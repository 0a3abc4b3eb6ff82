import { containers } from '$lib/core/published/containers';
import { thawRoutes } from '$lib/core/serving/thaw-routes';
import { whenToStart } from '$lib/core/serving/when-to-start';
import { timeOfDayText } from '$lib/present/time';
import { nextClockTime } from '$lib/server/serve-time';
import { firstOfPackings } from '$lib/server/queries/packs';
import { getHousehold, habitOf } from '$lib/server/queries/household';
import { nowMs as serverMs } from '$lib/server/now';
import type { PageServerLoad } from './$types';

const usualDinner = '18:30';

export const load: PageServerLoad = async ({ locals, url }) => {
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
		const possible = routes.flatMap(({ name, beforeMin, refused, options }) =>
			refused
				? []
				: options.flatMap((option) => {
						const plan = whenToStart({ option, beforeMin, serveAtMs: serveMs, nowMs });
						return plan?.fits && option.totalMin
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
		possible.sort(
			(a, b) =>
				Number(a.advice !== 'good') - Number(b.advice !== 'good') || a.totalMin.to - b.totalMin.to
		);
		return { pack, alike, best: possible[0] ?? null };
	});
	return { by, badTime: serveAtMs === null ? asked : null, serveAtMs: serveMs, nowMs, ways };
};
