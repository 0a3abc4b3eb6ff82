import { thawingRange } from '../freezing/thawing-range.ts';
import type { CookOption } from '../cooking/conversion/convert-cook.ts';

export interface StartPlan {
	/** latest moment to switch on, epoch ms: the long end of the range before serving */
	startAtMs: number;
	/** latest moment to take it out of the freezer into the refrigerator, for a pack cooked thawed; null from frozen */
	takeOutAtMs: number | null;
	fits: boolean;
}

/**
 * When to switch on, and when to take the pack out to thaw, for a wished serving time. Counts with the long end of the range.
 * Null when the way is refused, or when it cannot thaw where it is put.
 */
export function whenToStart(input: {
	option: Pick<CookOption, 'totalMin'>;
	/** likely minutes out of the freezer before it goes in (thawing, softening); 0: straight in; null: it never gets there */
	beforeMin: number | null;
	serveAtMs: number;
	nowMs: number;
}): StartPlan | null {
	const { option } = input;
	if (!option.totalMin || input.beforeMin === null) return null;
	const startAtMs = input.serveAtMs - Math.ceil(option.totalMin.to) * 60_000;
	const before = thawingRange(input.beforeMin);
	const takeOutAtMs = before && before.to > 0 ? startAtMs - Math.ceil(before.to) * 60_000 : null;
	return { startAtMs, takeOutAtMs, fits: (takeOutAtMs ?? startAtMs) >= input.nowMs };
}
