import type { StartPlan } from '$lib/core/serving';

const minuteMs = 60_000;
const longestMin = 14 * 60;

/** Minutes before serving at which the ruler begins: the earliest start, or now when that is near; a little room besides. */
export function rulerSpanMin(
	plans: readonly (StartPlan | null)[],
	serveAtMs: number,
	nowMs: number
): number {
	const longest = Math.max(
		45,
		...plans.map((plan) => (plan ? (serveAtMs - plan.startAtMs) / minuteMs : 0))
	);
	const toNow = (serveAtMs - nowMs) / minuteMs;
	return Math.min(longestMin, Math.max(longest, toNow < longest * 2 ? toNow : 0)) * 1.04;
}

/** Minutes between the marks of a ruler. */
export const rulerTickMin = (spanMin: number): number =>
	[10, 15, 30, 60, 120].find((step) => spanMin / step <= 9) ?? 180;
