import { containers } from '$lib/core/published/containers';
import { thawRoutes } from '$lib/core/serving/thaw-routes';
import { whenToStart } from '$lib/core/serving/when-to-start';
import { timeOfDayText } from '$lib/present/time';
import { nextClockTime } from '$lib/server/serve-time';
import { cardsOf, frozenPacks } from '$lib/server/queries/packs';
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
	const packs = await frozenPacks(locals.db);
	const cards = await cardsOf(locals.db, [...new Set(packs.map((pack) => pack.packingId))]);
	// packs of one packing are alike: one line for them, the first to use
	const alike = new Map<number, number>();
	for (const { packingId } of packs) alike.set(packingId, (alike.get(packingId) ?? 0) + 1);
	const seen = new Set<number>();
	const firsts = packs.filter(
		({ packingId }) => cards.has(packingId) && !seen.has(packingId) && seen.add(packingId)
	);
	const ways = firsts.map((pack) => {
		const card = cards.get(pack.packingId);
		const routes = card ? thawRoutes(card, containers[pack.packing.container].pan) : [];
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
		return { pack, alike: alike.get(pack.packingId) ?? 1, best: possible[0] ?? null };
	});
	return { by, badTime: serveAtMs === null ? asked : null, serveAtMs: serveMs, nowMs, ways };
};
