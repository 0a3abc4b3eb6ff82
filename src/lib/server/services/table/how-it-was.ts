import { isAtPressure, methodKey } from '../../../core/appliances/index.ts';
import { type CookCard, goesIn, lastPot, type RouteName } from '../../../core/serving/index.ts';
import type { CookSheetRow } from '../../queries/cook-sheets.ts';

/** How a pack was cooked as far as is known, for the cook to say only what was otherwise. */
export interface ProposedCook {
	/** its place among the ways of the card */
	way: number;
	route: RouteName;
	setMin: number;
	coreC: number | null;
}

/** From the sheet it was cooked by; null: it was cooked without one, or in a way its card does not have. */
export function cookOfSheet(sheet: CookSheetRow | null, card: CookCard): ProposedCook | null {
	if (!sheet) return null;
	const { plan, ticks, readings, endedAtMs } = sheet;
	const pot = lastPot(plan);
	const ways = card.options.filter(({ state }) => state === 'frozen');
	const way = ways.findIndex(({ method }) => methodKey(method) === methodKey(pot.method));
	if (way < 0) return null;
	const inAtMs = ticks[goesIn(plan.pots.length - 1)];
	const reading = readings.at(-1);
	// under pressure what counts is the hold, which nobody ticks
	const isTimed = !isAtPressure(pot.method) && inAtMs !== undefined;
	const untilMs = reading?.atMs ?? ticks.ready ?? endedAtMs;
	const setMin =
		isTimed && untilMs && untilMs > inAtMs ? (untilMs - inAtMs) / 60_000 : pot.setMin.likely;
	return { way, route: plan.route, setMin: Math.round(setMin), coreC: reading?.tempC ?? null };
}
