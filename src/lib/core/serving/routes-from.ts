import type { ThawPlace } from '../rules/refreeze.ts';
import type { Route } from './thaw-routes.ts';

/** The ways a pack gets into an appliance from where it is now: what is out to thaw goes on thawing, and by what is left of it. */
export function routesFrom(
	routes: readonly Route[],
	pack: { status: string; pulledAtMs: number | null; thawPlace: ThawPlace | null },
	nowMs: number
): Route[] {
	if (pack.status !== 'thawing') return [...routes];
	const outMin = (nowMs - (pack.pulledAtMs ?? nowMs)) / 60_000;
	const name = pack.thawPlace === 'cold-water' ? 'cold-water' : 'refrigerator';
	return routes.flatMap((route) => {
		if (route.name !== name) return [];
		// a microwave thaws in minutes; what lay on the counter is cooked at once, if at all
		const there = pack.thawPlace === 'microwave' || pack.thawPlace === 'counter';
		const beforeMin = there
			? 0
			: route.beforeMin === null
				? null
				: Math.max(0, route.beforeMin - outMin);
		return [{ ...route, refused: null, beforeMin }];
	});
}
