import { applianceOf } from '../appliances/index.ts';
import type { CookOption } from '../cooking/conversion/conversion.ts';
import type { RouteName } from './route-name.ts';
import type { StartPlan } from './when-to-start.ts';

/** Nobody is in the kitchen from one moment to another, epoch ms. */
export interface Away {
	fromMs: number;
	toMs: number;
}

const within = (ms: number, { fromMs, toMs }: Away): boolean => ms > fromMs && ms < toMs;

/** What has to be done while nobody is there is done before they go. */
export const beforeAway = (ms: number, away: Away): number => (within(ms, away) ? away.fromMs : ms);
/** Or, where it can wait, when they are back. */
export const afterAway = (ms: number, away: Away): number => (within(ms, away) ? away.toMs : ms);

/**
 * A way around the hours nobody is there: taken out or switched on before they go. Only a slow cooker is left on alone, as long as what
 * is in it stays good; water that is to be changed, an oven, a hob and a pressure cooker are not.
 */
export function aroundAway(
	plan: StartPlan,
	away: Away,
	{
		option,
		route,
		serveAtMs,
		nowMs
	}: {
		option: Pick<CookOption, 'method' | 'goodUntilMin'>;
		route: RouteName;
		serveAtMs: number;
		nowMs: number;
	}
): StartPlan {
	const startAtMs = beforeAway(plan.startAtMs, away);
	const thawMs = plan.takeOutAtMs === null ? 0 : plan.startAtMs - plan.takeOutAtMs;
	const outMs = plan.takeOutAtMs === null ? null : beforeAway(startAtMs - thawMs, away);
	const runsAlone = startAtMs < away.toMs && serveAtMs > away.fromMs;
	const staysGood =
		option.goodUntilMin === null || startAtMs + option.goodUntilMin * 60_000 >= serveAtMs;
	const alone =
		!runsAlone ||
		((applianceOf(option.method).runsAlone ?? false) &&
			(staysGood || startAtMs === plan.startAtMs));
	const inWater = route === 'softened' || route === 'cold-water';
	const waterAlone = inWater && outMs !== null && outMs < away.toMs && startAtMs > away.fromMs;
	const begunMs = outMs ?? startAtMs;
	return {
		startAtMs,
		takeOutAtMs: outMs,
		fits: begunMs >= nowMs && alone && !waterAlone
	};
}
