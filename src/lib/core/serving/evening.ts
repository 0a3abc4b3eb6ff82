import type { CookOption } from '../cooking/conversion/convert-cook.ts';
import { applianceOf, type Method } from '../appliances/index.ts';
import type { RouteName } from './route-name.ts';
import type { Route } from './thaw-routes.ts';
import { changesWaterMin } from './cold-water.ts';
import { aroundAway, type Away } from './away.ts';
import { whenToStart, type StartPlan } from './when-to-start.ts';

/** One way of getting a pack onto the table. */
export interface EveningWay extends StartPlan {
	method: Method;
	route: RouteName;
	advice: CookOption['advice'];
	totalMin: NonNullable<CookOption['totalMin']>;
	/** minutes of hands and of standing by, with what waiting is minded */
	costMin: number;
}

/** Changing the water that thaws a pack takes so long, minutes (common practice, no source). */
const changeMin = 3;
/** A frozen block cooks less evenly than a thawed one: so much trouble it is taken as (judgement). */
const frozenMin = 3;
/** How much a minute of waiting is minded beside one of hands (judgement). */
const mindedPerMin = 0.003;

/** What getting a pack into the appliance costs, minutes: water changed, and what a frozen block makes uneven. */
function routeMin({ name, beforeMin }: Pick<Route, 'name' | 'beforeMin'>): number {
	const inWater = name === 'softened' || name === 'cold-water';
	const changes = inWater ? Math.ceil((beforeMin ?? 0) / changesWaterMin) : 0;
	return changes * changeMin + (name === 'frozen' || name === 'softened' ? frozenMin : 0);
}

/** What the appliance costs, minutes: hands, standing by, and its time. */
function methodMin(method: Method, totalMin: number): number {
	const { min, share } = applianceOf(method).hands;
	return min + (share + mindedPerMin) * totalMin;
}

/** What a pack can do by a time. */
export interface Evening {
	best: EveningWay | null;
	earliest: { method: Method; route: RouteName; readyAtMs: number } | null;
}

const adviceRank = { good: 0, caution: 1, refused: 2 } as const;

/** What is asked of the ways of a pack. */
export interface EveningAsked {
	routes: readonly Route[];
	/** appliances in the kitchen; a kept card may know others */
	owned: readonly Method['appliance'][];
	serveAtMs: number;
	nowMs: number;
	/** appliances that are in use, and until when */
	busyUntilMs?: Partial<Record<Method['appliance'], number>>;
	/** nobody is in the kitchen meanwhile */
	away?: Away | null;
}

/** Every way of a pack that is not refused, whether it makes it or not. */
function allWays({ routes, owned, serveAtMs, nowMs, away }: EveningAsked): EveningWay[] {
	return routes.flatMap((route) =>
		route.refused
			? []
			: route.options.flatMap((option): EveningWay[] => {
					if (option.advice === 'refused' || !owned.includes(option.method.appliance)) return [];
					const { beforeMin } = route;
					const latest = whenToStart({ option, beforeMin, serveAtMs, nowMs });
					if (!latest || !option.totalMin) return [];
					const plan = away
						? aroundAway(latest, away, { option, route: route.name, serveAtMs, nowMs })
						: latest;
					return [
						{
							method: option.method,
							route: route.name,
							advice: option.advice,
							totalMin: option.totalMin,
							costMin: routeMin(route) + methodMin(option.method, option.totalMin.likely),
							...plan
						}
					];
				})
	);
}

/** The ways that make it, as a wise cook ranks them: by advice, then by bother. */
export const waysInTime = (asked: EveningAsked): EveningWay[] => inTime(allWays(asked), asked);

const inTime = (all: readonly EveningWay[], asked: EveningAsked): EveningWay[] =>
	all
		.filter(
			({ fits, startAtMs, method }) =>
				fits && startAtMs >= (asked.busyUntilMs?.[method.appliance] ?? 0)
		)
		.sort((a, b) => adviceRank[a.advice] - adviceRank[b.advice] || a.costMin - b.costMin);

/**
 * The best way of a pack to be on the table at a time, and the way that is ready first when it is begun now; each null when there is
 * none. Refused ways are never among them.
 */
export function eveningOf(asked: EveningAsked): Evening {
	const { serveAtMs, nowMs, busyUntilMs = {} } = asked;
	const all = allWays(asked);
	const [best = null] = inTime(all, asked);
	// begun now, it is ready as much later as its start has passed
	const [earliest = null] = all
		.map(({ method, route, takeOutAtMs, startAtMs }) => {
			const inMs = nowMs + startAtMs - (takeOutAtMs ?? startAtMs);
			const freeMs = busyUntilMs[method.appliance] ?? 0;
			return { method, route, readyAtMs: Math.max(inMs, freeMs) + serveAtMs - startAtMs };
		})
		.sort((a, b) => a.readyAtMs - b.readyAtMs);
	return { best, earliest };
}

/** The ways of one route in the order they are shown: what is advised first, of that what still makes it, then least bother. */
export function inOrder<Way extends { option: CookOption; plan: StartPlan | null }>(
	ways: readonly Way[]
): Way[] {
	const costMin = ({ option: { method, totalMin } }: Way) =>
		totalMin ? methodMin(method, totalMin.likely) : Number.MAX_VALUE;
	return [...ways].sort(
		(a, b) =>
			adviceRank[a.option.advice] - adviceRank[b.option.advice] ||
			Number(b.plan?.fits ?? false) - Number(a.plan?.fits ?? false) ||
			costMin(a) - costMin(b)
	);
}
