import { grouped } from '../../../core/grouped.ts';
import { paceByCook } from '../../../core/schedule/learned-times.ts';
import { mondayOf } from '../../../core/serving/weeks/monday.ts';
import { median } from '../../../core/statistics.ts';
import { addDays, daysBetween } from '../../../core/units/day.ts';
import { dayIn } from '../../../present/time.ts';
import type { Db } from '../../db/db.ts';
import type { Household } from '../../db/schema/index.ts';
import { learnedDishes, packFigures, packsByMonth, type PackFigure } from '../../queries/learn.ts';
import { followedDays } from '../day/learned-work.ts';

export const spanNames = ['month', 'quarter', 'year', 'all'] as const;
export type SpanName = (typeof spanNames)[number];

const dayMs = 86_400_000;
const spanDays: Readonly<Record<SpanName, number>> = {
	month: 30,
	quarter: 91,
	year: 365,
	all: 3660
};
/** More weeks than this are drawn a month each. */
const mostWeeks = 60;
/** Packing days whose work is read, the newest. */
const mostDays = 60;

/** A time that is looked at, and the same time before it. */
export interface Span {
	name: SpanName;
	fromDay: string;
	/** the day after the last */
	toDay: string;
	fromMs: number;
	toMs: number;
}

export function spanOf(name: SpanName, nowMs: number, timeZone: string, before = 0): Span {
	const toDay = addDays(dayIn(nowMs, timeZone), 1 - before * spanDays[name]);
	const toMs = before === 0 ? nowMs + dayMs : nowMs - before * spanDays[name] * dayMs;
	return {
		name,
		fromDay: addDays(toDay, -spanDays[name]),
		toDay,
		fromMs: toMs - spanDays[name] * dayMs,
		toMs
	};
}

/** The middle, in whole days. */
function medianDays(days: readonly number[]): number | null {
	const middle = median(days);
	return middle === null ? null : Math.round(middle);
}
const sum = (values: readonly number[]) => values.reduce((all, value) => all + value, 0);

/** The packs of a time, by what they say. */
export function packsOfSpan(all: readonly PackFigure[], span: Span, timeZone: string) {
	const isMade = ({ packedOn }: PackFigure) => packedOn >= span.fromDay && packedOn < span.toDay;
	const out = all.flatMap((pack) => {
		const { goneAtMs } = pack;
		if (goneAtMs === null || goneAtMs < span.fromMs || goneAtMs >= span.toMs) return [];
		const goneOn = dayIn(goneAtMs, timeZone);
		return [{ ...pack, goneOn, waitedDays: daysBetween(pack.packedOn, goneOn) }];
	});
	const made = all.filter((pack) => pack.madeHere && isMade(pack));
	return {
		made,
		priced: made.flatMap((pack) =>
			pack.servingCents === null ? [] : [{ ...pack, servingCents: pack.servingCents }]
		),
		eaten: out.filter(({ status }) => status !== 'discarded'),
		thrown: out.filter(({ status }) => status === 'discarded')
	};
}
export type PacksOfSpan = ReturnType<typeof packsOfSpan>;

/** What a serving cost, by the servings of each pack that has a price. */
function servingCents(priced: PacksOfSpan['priced']): number | null {
	const servings = sum(priced.map((pack) => pack.servings));
	return servings > 0
		? sum(priced.map((pack) => pack.servingCents * pack.servings)) / servings
		: null;
}

/** Minutes of hands on the packing days of a time that were followed, and the packs made on them. */
async function handsOf(db: Db, spans: readonly Span[], packs: readonly PackFigure[]) {
	const followed = (await followedDays(db, mostDays)).map((day) => ({
		...day,
		handsMin: sum(
			day.times.map(({ actualMin, cooks }) => actualMin * Math.max(1, cooks?.length ?? 1))
		),
		codes: packs.flatMap(({ dayId, code }) => (dayId === day.id ? [code] : []))
	}));
	const bySpan = spans.map((span) => {
		const inIt = followed.filter(
			({ onDay, codes }) => onDay >= span.fromDay && onDay < span.toDay && codes.length > 0
		);
		const codes = inIt.flatMap((day) => day.codes);
		return {
			days: inIt.length,
			codes,
			minAPack: codes.length ? sum(inIt.map((day) => day.handsMin)) / codes.length : null
		};
	});
	const counted = followed.flatMap(({ times }) => times.filter((time) => time.counts));
	return { bySpan, byCook: paceByCook(counted) };
}

/** Packs in and out by week, or by month where that would be too many. */
function flowOf({ made, eaten, thrown }: PacksOfSpan, span: Span) {
	const first = [...made.map((p) => p.packedOn), ...eaten.map((p) => p.goneOn)].sort().at(0);
	const fromDay = first && first > span.fromDay ? first : span.fromDay;
	const byMonth = daysBetween(fromDay, span.toDay) > mostWeeks * 7;
	const keyOf = (day: string) => (byMonth ? `${day.slice(0, 7)}-01` : mondayOf(day));
	const rows = new Map<
		string,
		{ from: string; made: string[]; eaten: string[]; discarded: string[] }
	>();
	const row = (day: string) => {
		const from = keyOf(day);
		const known = rows.get(from) ?? { from, made: [], eaten: [], discarded: [] };
		rows.set(from, known);
		return known;
	};
	for (let day = fromDay; day < span.toDay; day = addDays(day, byMonth ? 28 : 7)) row(day);
	for (const { packedOn, code } of made) row(packedOn).made.push(code);
	for (const { goneOn, code } of eaten) row(goneOn).eaten.push(code);
	for (const { goneOn, code } of thrown) row(goneOn).discarded.push(code);
	return [...rows.values()].sort((a, b) => (a.from < b.from ? -1 : 1));
}

/** What a serving cost by the day it was packed. */
function costsOf({ priced }: PacksOfSpan) {
	const days = [...grouped(priced, ({ packedOn }) => packedOn)].sort(([a], [b]) =>
		a < b ? -1 : 1
	);
	return days.flatMap(([day, packs]) => {
		const cents = servingCents(packs);
		return cents === null ? [] : [{ day, cents, codes: packs.map(({ code }) => code) }];
	});
}

/** Everything the screen shows of a time but what has to be computed. */
export async function figuresOf(db: Db, house: Household, name: SpanName, nowMs: number) {
	const { timeZone } = house;
	const [span, before] = [0, 1].map((n) => spanOf(name, nowMs, timeZone, n));
	const all = await packFigures(
		db,
		{ fromMs: before.fromMs, toMs: span.toMs },
		before.fromDay,
		span.toDay
	);
	const packs = packsOfSpan(all, span, timeZone);
	const { made, priced, eaten, thrown } = packs;
	const { bySpan, byCook } = await handsOf(db, [span, before], all);
	const gone = eaten.length + thrown.length;
	return {
		span,
		packs,
		days: new Set(made.flatMap(({ dayId, packedOn }) => (dayId === null ? [] : [packedOn]))).size,
		made: made.length,
		eaten: eaten.length,
		cost: { cents: servingCents(priced), priced: priced.length },
		hands: { now: bySpan[0], before: bySpan[1], byCook },
		thrown: {
			packs: thrown.length,
			share01: gone > 0 ? thrown.length / gone : null,
			why: [...grouped(thrown, ({ reason }) => reason ?? '')]
				.map(([reason, all]) => ({ reason, n: all.length }))
				.sort((a, b) => b.n - a.n)
		},
		waits: {
			days: medianDays(eaten.map(({ waitedDays }) => waitedDays)),
			bestByDays: medianDays(
				eaten.flatMap(({ bestBy, packedOn }) => (bestBy ? [daysBetween(packedOn, bestBy)] : []))
			)
		},
		flow: flowOf(packs, span),
		costs: costsOf(packs),
		months: await packsByMonth(db),
		inUse: { paces: house.owned.paces ?? {}, dishes: await learnedDishes(db) }
	};
}
export type Figures = Awaited<ReturnType<typeof figuresOf>>;
