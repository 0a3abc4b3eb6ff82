import type { CookOption } from '../cooking/convert-cook.ts';

/** Share by which thawing takes longer at the unfavourable end (docs/numbers.md: −30 to +50 %). */
export const thawingUnfavourable01 = 1.5;

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
	option: Pick<CookOption, 'state' | 'totalMin'>;
	/** no ice left, likely, in the refrigerator */
	thawedMin: number | null;
	serveAtMs: number;
	nowMs: number;
}): StartPlan | null {
	const { option } = input;
	if (!option.totalMin) return null;
	const startAtMs = input.serveAtMs - Math.ceil(option.totalMin.to) * 60_000;
	let takeOutAtMs: number | null = null;
	if (option.state === 'thawed') {
		if (input.thawedMin === null) return null;
		takeOutAtMs = startAtMs - Math.ceil(input.thawedMin * thawingUnfavourable01) * 60_000;
	}
	return { startAtMs, takeOutAtMs, fits: (takeOutAtMs ?? startAtMs) >= input.nowMs };
}
