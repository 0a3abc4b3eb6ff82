import type { ApplianceName } from '../../appliances/index.ts';
import { usualCapacity } from '../../schedule/run-sheet.ts';
import type { SheetStep, SheetTicks, SideDish } from './sheet-plan.ts';

const minMs = 60_000;

interface Busy {
	uses: ApplianceName;
	atMs: number;
	untilMs: number;
}

/** How many things an appliance takes at a time. */
const places = (appliance: ApplianceName) => (appliance === 'hob' ? usualCapacity.burner : 1);

/**
 * When each side is begun so that it ends with serving. Where its appliance is taken then, it is made before and kept warm; where there
 * is no time left for that, after: serving waits for it.
 */
export function placedSides(
	sides: readonly SideDish[],
	at: { busy: readonly Busy[]; serveAtMs: number; nowMs: number; ticks: SheetTicks }
): SheetStep[] {
	const busy = [...at.busy];
	return sides.map(({ name: _name, minutes, uses }, i) => {
		const id = `side-${i}`;
		const ticked = at.ticks[id];
		const tookMs = Math.ceil(minutes) * minMs;
		const atMs = ticked ?? freeStart(busy, uses, tookMs, at);
		const step: SheetStep = {
			id,
			kind: 'side',
			of: i,
			atMs,
			untilMs: atMs + tookMs,
			hands: true,
			doneAtMs: ticked ?? null,
			uses
		};
		if (uses) busy.push({ uses, atMs, untilMs: step.untilMs });
		return step;
	});
}

/** The latest free stretch that ends by serving and has not passed; else the first one from now on. */
function freeStart(
	busy: readonly Busy[],
	uses: ApplianceName | null,
	tookMs: number,
	{ serveAtMs, nowMs }: { serveAtMs: number; nowMs: number }
): number {
	const last = serveAtMs - tookMs;
	if (uses === null) return Math.max(last, nowMs);
	const taken = busy.filter((other) => other.uses === uses);
	const isFree = (fromMs: number) =>
		mostAtOnce(taken.filter((t) => t.atMs < fromMs + tookMs && t.untilMs > fromMs)) < places(uses);
	const before = [last, ...taken.map(({ atMs }) => atMs - tookMs)]
		.filter((fromMs) => fromMs <= last && fromMs >= nowMs && isFree(fromMs))
		.sort((a, b) => b - a);
	if (before.length > 0) return before[0];
	const after = [nowMs, ...taken.map(({ untilMs }) => untilMs)]
		.filter((fromMs) => fromMs >= nowMs && isFree(fromMs))
		.sort((a, b) => a - b);
	return after[0] ?? nowMs;
}

/** Most of these that are going on at one moment. */
export function mostAtOnce(spans: readonly Pick<Busy, 'atMs' | 'untilMs'>[]): number {
	return Math.max(
		0,
		...spans.map(
			({ atMs }) => spans.filter((other) => other.atMs <= atMs && other.untilMs > atMs).length
		)
	);
}
