import type { Method, State } from '../cooking/method.ts';
import type { ApplianceName } from '../kitchen/owned-appliances.ts';
import { grouped } from '../grouped.ts';
import { median } from '../statistics.ts';
import { stateOf, type RouteName } from '../serving/route-name.ts';
import { surenessOf, type Sureness } from './sureness.ts';

/** A meal as it was written down afterwards. */
export interface CookRecord {
	id: number;
	code: string;
	dishId: number;
	atMs: number;
	method: Method;
	route: RouteName;
	outcome: 'under' | 'right' | 'over' | null;
	enough: 'too-little' | 'enough' | 'too-much' | null;
}

/** Packs made together, and when the last of them was eaten; null: some are still there. */
export interface PackingRecord {
	id: number;
	dishId: number;
	packedMs: number;
	packs: number;
	codes: string[];
	goneMs: number | null;
}

/** A pack that left the freezer, or is still in it, with whether that is past its best. */
export interface BestRecord {
	dishId: number;
	code: string;
	atMs: number;
	past: boolean;
}

/** What a dish came to on a packing day, against what its lines say. */
export interface YieldRecord {
	dishId: number;
	/** its first pack */
	code: string;
	codes: string[];
	atMs: number;
	/** kilograms packed over kilograms written */
	yield01: number;
}

/** What could be done better next time, and what that rests on. */
export interface Proposal {
	/** what it is about: accepted or set aside, it comes again only on new evidence */
	key: string;
	kind:
		'shorter' | 'longer' | 'smaller' | 'larger' | 'twice' | 'half' | 'yields-less' | 'yields-more';
	dishId: number;
	times: number;
	of: number;
	sure: Sureness;
	/** packs it rests on */
	codes: string[];
	/** of `shorter` and `longer` */
	way?: { appliance: ApplianceName; state: State; cookIds: number[] };
	/** of `yields-less` and `yields-more`: of what is written, in the middle */
	yield01?: number;
	/** of `twice`: days after which the last pack was gone, in the middle */
	days?: number;
}

const dayMs = 86_400_000;
/** A batch that is gone within so many days was too small (judgement: a freezer is to be eaten from for months). */
export const soonGoneDays = 14;
/** Nothing older counts: tastes, appliances and households change. */
const rememberedDays = 400;
/** A dish of which more than this share is past its best is made too much of (judgement). */
const pastBest01 = 0.2;

/** A dish nearer to what is written than this comes to what is written. */
const yieldOff01 = 0.07;

/** Everything that follows from what was written down, the surest first. `weighed`: when a proposal was accepted or set aside, by its key. */
export function proposalsFrom(input: {
	cooks: readonly CookRecord[];
	packings: readonly PackingRecord[];
	best: readonly BestRecord[];
	yields: readonly YieldRecord[];
	weighed: Readonly<Record<string, number>>;
	nowMs: number;
}): Proposal[] {
	const { weighed, nowMs } = input;
	const since = (key: string) => Math.max(weighed[key] ?? 0, nowMs - rememberedDays * dayMs);
	const found: Proposal[] = [];
	/** proposes one thing when it is seen more often than not, and often enough */
	const propose = <T extends { atMs: number; code: string }>(
		of: Pick<Proposal, 'key' | 'kind' | 'dishId'>,
		all: readonly T[],
		counts: (one: T) => boolean,
		more: (counted: readonly T[]) => Partial<Proposal> = () => ({}),
		{ least = 2, than01 = 0.5 } = {}
	) => {
		const seen = all.filter(({ atMs }) => atMs > since(of.key));
		const counted = seen.filter(counts);
		const sure = surenessOf(counted.length, seen.length, than01);
		if (!sure || counted.length < least) return;
		const codes = [...new Set(counted.map(({ code }) => code))];
		found.push({
			...of,
			times: counted.length,
			of: seen.length,
			sure,
			codes,
			...more(counted)
		});
	};
	const judged = input.cooks.filter(({ outcome }) => outcome !== null);
	for (const cooks of grouped(
		judged,
		(c) => `${c.dishId} ${c.method.appliance} ${stateOf(c.route)}`
	).values()) {
		const [{ dishId, method, route }] = cooks;
		const { appliance } = method;
		const state = stateOf(route);
		for (const [kind, outcome] of [
			['shorter', 'over'],
			['longer', 'under']
		] as const)
			propose(
				{ key: `${kind} ${dishId} ${appliance} ${state}`, kind, dishId },
				cooks,
				(cook) => cook.outcome === outcome,
				(counted) => ({ way: { appliance, state, cookIds: counted.map(({ id }) => id) } })
			);
	}
	const told = input.cooks.filter(({ enough }) => enough !== null);
	for (const cooks of grouped(told, ({ dishId }) => dishId).values())
		for (const [kind, said] of [
			['smaller', 'too-much'],
			['larger', 'too-little']
		] as const) {
			const [{ dishId }] = cooks;
			propose({ key: `${kind} ${dishId}`, kind, dishId }, cooks, ({ enough }) => enough === said);
		}
	// a batch that is young may still go either way
	const settled = input.packings
		.filter(
			({ packs, goneMs, packedMs }) =>
				packs > 1 && (goneMs !== null || nowMs - packedMs > soonGoneDays * dayMs)
		)
		.map((one) => ({ ...one, atMs: one.packedMs, code: one.codes[0] }));
	const goneIn = ({ goneMs, packedMs }: PackingRecord) =>
		goneMs === null ? Infinity : (goneMs - packedMs) / dayMs;
	for (const packings of grouped(settled, ({ dishId }) => dishId).values()) {
		const [{ dishId }] = packings;
		propose(
			{ key: `twice ${dishId}`, kind: 'twice', dishId },
			packings,
			(one) => goneIn(one) <= soonGoneDays,
			(counted) => ({
				days: Math.round(median(counted.map(goneIn)) ?? 0),
				codes: counted.flatMap(({ codes }) => codes)
			}),
			{ least: 3 }
		);
	}
	for (const packs of grouped(input.best, ({ dishId }) => dishId).values()) {
		const [{ dishId }] = packs;
		propose({ key: `half ${dishId}`, kind: 'half', dishId }, packs, ({ past }) => past, undefined, {
			least: 3,
			than01: pastBest01
		});
	}
	for (const days of grouped(input.yields, ({ dishId }) => dishId).values())
		for (const [kind, off] of [
			['yields-less', -1],
			['yields-more', 1]
		] as const) {
			const [{ dishId }] = days;
			propose(
				{ key: `${kind} ${dishId}`, kind, dishId },
				days,
				({ yield01 }) => off * (yield01 - 1) > yieldOff01,
				(counted) => ({
					yield01: median(counted.map((one) => one.yield01)) ?? 1,
					codes: counted.flatMap(({ codes }) => codes)
				})
			);
		}
	const rank = { sure: 0, likely: 1, hint: 2 } as const;
	return found.sort((a, b) => rank[a.sure] - rank[b.sure] || b.times - a.times);
}
