import type { Method } from '../../../core/appliances/index.ts';
import {
	type ApplianceUse,
	type Clash,
	clashes,
	type EveningWay,
	type RouteName,
	unplannedPast,
	waysInTime
} from '../../../core/serving/index.ts';
import { addDays } from '../../../core/units/index.ts';
import { dayIn } from '../../../present/time.ts';
import type { Compute } from '../../core-worker.ts';
import type { Db } from '../../db/db.ts';
import type { Household, PlannedMeal } from '../../db/schema/index.ts';
import { fullPlanOf } from '../../queries/days.ts';
import { mealsBetween, openLeftovers, packingDaysBetween } from '../../queries/meals.ts';
import {
	isCookable,
	packsByCode,
	type CookablePack,
	type PackWithCard
} from '../../queries/packs.ts';
import { clockOnDayMs } from '../../serve-time.ts';
import { cardSoon } from '../packs/card-of-today.ts';
import { questionOf } from './pack-question.ts';
import { together } from './packs-together.ts';
import { wayKey } from './way-of-key.ts';
import { routesNow } from './routes-now.ts';
import { weekStock } from './week-stock.ts';

/** A planned meal as a week shows it. */
export interface WeekMeal extends PlannedMeal {
	/** the dish, what is left over, or the note */
	title: string;
	serveAtMs: number;
	servings: number;
	bestBy: string | null;
	/** its packs are eaten, or gone some other way */
	state: 'planned' | 'eaten' | 'gone';
	/** how it is cooked: as chosen, or as is best; null: no way makes it, or it needs none */
	plan: { method: Method; route: RouteName; startAtMs: number; takeOutAtMs: number | null } | null;
	/** what its times are is still being computed for its packs together: those of one pack stand for them */
	isRough: boolean;
	/** where its card is */
	href: string;
}

/** A pack to be taken out on a day. */
export interface WeekPull {
	mealId: number;
	atMs: number;
	onDay: string;
	title: string;
	serveDay: string;
	place: 'refrigerator' | 'cold-water';
}

/** A stretch of days that is looked at. */
interface WeekAsked {
	from: string;
	days: number;
	nowMs: number;
}

/** Meals with their times, what is taken out for them, and which appliances they want. */
export async function weekMeals(
	db: Db,
	compute: Compute,
	house: Household,
	{ from, days, nowMs }: WeekAsked
): Promise<{ meals: WeekMeal[]; pulls: WeekPull[]; uses: ApplianceUse[] }> {
	const to = addDays(from, days - 1);
	// pulls of the days after belong to these
	const planned = await mealsBetween(db, from, addDays(to, 3));
	const codes = planned.flatMap((meal) => meal.codes);
	const packs = new Map((await packsByCode(db, codes)).map((pack) => [pack.code, pack]));
	const seen = planned.map((meal) => mealSeen(meal, packs, { house, compute, nowMs }));
	return {
		meals: seen.map(({ meal }) => meal).filter(({ onDay }) => onDay <= to),
		pulls: seen.flatMap(({ meal }): WeekPull[] =>
			meal.plan?.takeOutAtMs == null || meal.state !== 'planned'
				? []
				: [
						{
							mealId: meal.id,
							atMs: meal.plan.takeOutAtMs,
							onDay: dayIn(meal.plan.takeOutAtMs, house.timeZone),
							title: meal.title,
							serveDay: meal.onDay,
							place: meal.plan.route === 'refrigerator' ? 'refrigerator' : 'cold-water'
						}
					]
		),
		uses: seen.flatMap(({ use }) => use ?? [])
	};
}

/** What a stretch of days holds: its meals, what clashes, what wants to be eaten and is not planned. */
export async function weekView(db: Db, compute: Compute, house: Household, asked: WeekAsked) {
	const { from, days, nowMs } = asked;
	const { meals, pulls, uses } = await weekMeals(db, compute, house, asked);
	const packing = await packingDaysBetween(db, from, addDays(from, days - 1));
	const found = clashes([...uses, ...packing.flatMap(usesOfDay)]);
	const today = dayIn(nowMs, house.timeZone);
	const coming = await mealsBetween(db, today, addDays(today, 90));
	const { rows, planned, unplanned } = await weekStock(db, coming);
	return {
		meals,
		pulls,
		packing: packing.map(({ id, onDay }) => ({ id, onDay })),
		clashes: distinct(found),
		stock: unplanned,
		unplanned: unplannedPast(rows, planned, addDays(today, 28)).map(({ code, name, bestBy }) => ({
			code,
			name,
			bestBy
		})),
		/** packs by the week their date is in: those planned, and those that are not */
		ahead: Array.from({ length: 7 }, (_, i) => {
			const [start, end] = [addDays(today, 7 * i), addDays(today, 7 * i + 7)];
			const inWeek = rows.filter(
				({ bestBy }) => bestBy !== null && bestBy < end && (i === 0 || bestBy >= start)
			);
			const isPlanned = inWeek.filter(({ code }) => planned.has(code)).length;
			return { from: start, planned: isPlanned, unplanned: inWeek.length - isPlanned };
		}),
		leftovers: await openLeftovers(db)
	};
}

const distinct = (found: readonly Clash[]): Clash[] => [
	...new Map(found.map((clash) => [`${clash.a} ${clash.b} ${clash.appliance}`, clash])).values()
];

function mealSeen(
	meal: PlannedMeal,
	packs: ReadonlyMap<string, PackWithCard>,
	{ house, compute, nowMs }: { house: Household; compute: Compute; nowMs: number }
): { meal: WeekMeal; use: ApplianceUse | null } {
	const serveAtMs = clockOnDayMs(meal.onDay, meal.serveAt, house.timeZone);
	const own = meal.codes.flatMap((code) => packs.get(code) ?? []);
	const there = own.filter(({ status }) => status === 'frozen' || status === 'thawing');
	const state =
		meal.kind !== 'packs' || there.length > 0
			? 'planned'
			: own.some(({ status }) => status === 'cooked')
				? 'eaten'
				: 'gone';
	const cookable = there.filter(isCookable);
	const times =
		state === 'planned' && cookable.length > 0 && serveAtMs > nowMs
			? timesOf(cookable, { house, compute, nowMs, serveAtMs })
			: { ways: [], isRough: false };
	const wanted = meal.way && wayKey(meal.way.method, meal.way.route);
	const plan =
		times.ways.find(({ method, route }) => wayKey(method, route) === wanted) ??
		times.ways[0] ??
		null;
	const others = there.slice(1).map(({ code }) => code);
	const seen: WeekMeal = {
		...meal,
		title: meal.name || (own[0]?.name ?? meal.codes.join(', ')),
		serveAtMs,
		servings: own.reduce((sum, pack) => sum + pack.own.servings, 0),
		bestBy:
			own.map(({ bestBy }) => bestBy).sort((a, b) => (a ?? '').localeCompare(b ?? ''))[0] ?? null,
		state,
		plan,
		isRough: times.isRough,
		href:
			there.length === 0
				? own[0]
					? `/freezer/${own[0].code}`
					: ''
				: `/table/${there[0].code}?${new URLSearchParams({
						by: meal.serveAt,
						on: meal.onDay,
						...(others.length > 0 && { with: others.join(',') })
					})}`
	};
	return { meal: seen, use: plan && useOf(seen, plan, times.ways) };
}

const useOf = (
	meal: WeekMeal,
	plan: NonNullable<WeekMeal['plan']>,
	ways: readonly EveningWay[]
): ApplianceUse => ({
	id: `meal ${meal.id}`,
	appliance: plan.method.appliance,
	fromMs: plan.startAtMs,
	toMs: meal.serveAtMs,
	others: ways
		.filter(({ method }) => method.appliance !== plan.method.appliance)
		.map(({ method, route, startAtMs }) => ({
			method,
			key: wayKey(method, route),
			fromMs: startAtMs,
			toMs: meal.serveAtMs
		}))
});

/** The ways a meal makes it by, best first: those of its packs together, or until they are computed of one of them. */
function timesOf(
	packs: readonly CookablePack[],
	{
		house,
		compute,
		nowMs,
		serveAtMs
	}: { house: Household; compute: Compute; nowMs: number; serveAtMs: number }
): { ways: EveningWay[]; isRough: boolean } {
	const [first] = packs;
	const one = questionOf(first, house);
	const own = packs.length > 1 ? together(packs.map((p) => questionOf(p, house).input)) : one.input;
	const asKept = packs.length === 1 && one.current;
	const known = asKept ? first.packing.card : cardSoon(compute, own);
	const routes = routesNow(first, known ?? first.packing.card, nowMs);
	const owned = house.owned.appliances;
	return {
		ways: waysInTime({ routes, owned, serveAtMs, nowMs }),
		isRough: known === null
	};
}

const ofKitchen: Partial<Record<string, Method['appliance']>> = {
	oven: 'oven',
	'slow-cooker': 'slow-cooker',
	'pressure-cooker': 'pressure-cooker',
	microwave: 'microwave'
};

/** What a packing day that is planned has its appliances for. */
function usesOfDay(day: Parameters<typeof fullPlanOf>[0]): ApplianceUse[] {
	const plan = fullPlanOf(day);
	if (!plan) return [];
	return plan.tasks.flatMap(({ id, durationMin, uses = {} }) =>
		Object.keys(uses).flatMap((resource): ApplianceUse[] => {
			const appliance = ofKitchen[resource];
			if (!appliance) return [];
			const fromMs = plan.zeroMs + plan.startMin[id] * 60_000;
			const toMs = fromMs + durationMin * 60_000;
			return [{ id: `day ${day.id}`, appliance, fromMs, toMs, others: [] }];
		})
	);
}
