import type { Method, State } from '../appliances/index.ts';
import type { ApplianceName } from '../appliances/index.ts';
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

/** Batches of a dish that have shown by now how long they last, and which of them were gone soon: after how many days, with their packs. */
export interface BatchesSeen {
	dishId: number;
	of: number;
	soon: { days: number; codes: string[] }[];
}

/** Packs of a dish that were eaten, thrown away or are still there past their best: how many, and how many past it, some of those named. */
export interface BestSeen {
	dishId: number;
	of: number;
	past: number;
	codes: string[];
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
/** Since when anything counts, ms. */
export const rememberedSinceMs = (nowMs: number): number => nowMs - rememberedDays * dayMs;
/** When something of this key was last accepted or set aside, or what is remembered began: only what came after it counts. */
export const countsSinceMs = (
	weighed: Readonly<Record<string, number>>,
	key: string,
	nowMs: number
): number => Math.max(weighed[key] ?? 0, rememberedSinceMs(nowMs));
/** More packs than this are not named. */
export const mostNamed = 500;
/** A dish of which more than this share is past its best is made too much of (judgement). */
const pastBest01 = 0.2;

/** A dish nearer to what is written than this comes to what is written. */
const yieldOff01 = 0.07;

/** Everything that follows from what was written down, the surest first. `weighed`: when a proposal was accepted or set aside, by its key. */
export function proposalsFrom(input: {
	cooks: readonly CookRecord[];
	/** each since `countsSinceMs` of `twice` and the dish */
	batches: readonly BatchesSeen[];
	/** each since `countsSinceMs` of `half` and the dish */
	best: readonly BestSeen[];
	yields: readonly YieldRecord[];
	weighed: Readonly<Record<string, number>>;
	nowMs: number;
}): Proposal[] {
	const { weighed, nowMs } = input;
	const found: Proposal[] = [];
	type About = Pick<Proposal, 'key' | 'kind' | 'dishId'>;
	/** proposes one thing when it is seen more often than not, and often enough */
	const proposeSeen = (
		about: About & { times: number; of: number },
		more: () => Partial<Proposal> & { codes: readonly string[] },
		{ least = 2, than01 = 0.5 } = {}
	) => {
		const sure = surenessOf(about.times, about.of, than01);
		if (!sure || about.times < least) return;
		const { codes, ...rest } = more();
		found.push({ ...about, sure, ...rest, codes: [...new Set(codes)].slice(0, mostNamed) });
	};
	const propose = <T extends { atMs: number; code: string }>(
		about: About,
		all: readonly T[],
		counts: (one: T) => boolean,
		more: (counted: readonly T[]) => Partial<Proposal> = () => ({})
	) => {
		const since = countsSinceMs(weighed, about.key, nowMs);
		const seen = all.filter(({ atMs }) => atMs > since);
		const counted = seen.filter(counts);
		proposeSeen({ ...about, times: counted.length, of: seen.length }, () => ({
			codes: counted.map(({ code }) => code),
			...more(counted)
		}));
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
	for (const { dishId, of, soon } of input.batches)
		proposeSeen(
			{ key: `twice ${dishId}`, kind: 'twice', dishId, times: soon.length, of },
			() => ({
				days: Math.round(median(soon.map(({ days }) => days)) ?? 0),
				codes: soon.flatMap(({ codes }) => codes)
			}),
			{ least: 3 }
		);
	for (const { dishId, of, past, codes } of input.best)
		proposeSeen(
			{ key: `half ${dishId}`, kind: 'half', dishId, times: past, of },
			() => ({ codes }),
			{ least: 3, than01: pastBest01 }
		);
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
