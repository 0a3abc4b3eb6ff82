import { paceByCook } from '../../../core/schedule/index.ts';
import { mondayOf } from '../../../core/serving/index.ts';
import { addDays, daysBetween } from '../../../core/units/index.ts';
import { dayIn } from '../../../present/time.ts';
import type { Db } from '../../db/db.ts';
import type { Household } from '../../db/schema/index.ts';
import {
	goneByDay,
	madeByDay,
	packsByMonth,
	packsOfDays,
	thrownWhy,
	waitedDays,
	type GoneOnDay,
	type MadeOnDay,
	type Window
} from '../../queries/learn-figures.ts';
import { learnedDishes } from '../../queries/learn.ts';
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

/** A time that is looked at, or the same time before it. */
export interface Span extends Window {
	name: SpanName;
}

export function spanOf(name: SpanName, nowMs: number, timeZone: string, before = 0): Span {
	const toDay = addDays(dayIn(nowMs, timeZone), 1 - before * spanDays[name]);
	const toMs = before === 0 ? nowMs + dayMs : nowMs - before * spanDays[name] * dayMs;
	return {
		name,
		fromDay: addDays(toDay, -spanDays[name]),
		toDay,
		fromMs: toMs - spanDays[name] * dayMs,
		toMs,
		timeZone
	};
}

const rounded = (days: number | null) => (days === null ? null : Math.round(days));
const sum = <T>(rows: readonly T[], of: (row: T) => number) =>
	rows.reduce((all, row) => all + of(row), 0);

/** What a serving cost, by the servings of each pack that has a price. */
function servingCents(made: readonly MadeOnDay[]): number | null {
	const servings = sum(made, (day) => day.servings);
	return servings > 0 ? sum(made, (day) => day.cents) / servings : null;
}

/** Minutes of hands on the packing days of times that were followed, and the packs made on them. */
export async function handsOf(db: Db, spans: readonly Span[]) {
	const days = await followedDays(db, mostDays);
	const packsOf = await packsOfDays(
		db,
		days.map(({ id }) => id)
	);
	const followed = days.map((day) => ({
		...day,
		packs: packsOf.get(day.id) ?? 0,
		handsMin: sum(day.times, ({ actualMin, cooks }) => actualMin * Math.max(1, cooks?.length ?? 1))
	}));
	const bySpan = spans.map((span) => {
		const inIt = followed.filter(
			({ onDay, packs }) => onDay >= span.fromDay && onDay < span.toDay && packs > 0
		);
		const packs = sum(inIt, (day) => day.packs);
		return {
			dayIds: inIt.map(({ id }) => id),
			packs,
			minAPack: packs ? sum(inIt, (day) => day.handsMin) / packs : null
		};
	});
	const counted = followed.flatMap(({ times }) => times.filter((time) => time.counts));
	return { bySpan, byCook: paceByCook(counted) };
}

/** Packs in and out by week, or by month where that would be too many; each goes until the next one begins. */
export function flowOf(made: readonly MadeOnDay[], gone: readonly GoneOnDay[], span: Span) {
	const first = [...made, ...gone]
		.map(({ day }) => day)
		.sort()
		.at(0);
	const fromDay = first && first > span.fromDay ? first : span.fromDay;
	const byMonth = daysBetween(fromDay, span.toDay) > mostWeeks * 7;
	const keyOf = (day: string) => (byMonth ? `${day.slice(0, 7)}-01` : mondayOf(day));
	const rows = new Map<string, { from: string; made: number; eaten: number; discarded: number }>();
	const row = (day: string) => {
		const from = keyOf(day);
		const known = rows.get(from) ?? { from, made: 0, eaten: 0, discarded: 0 };
		rows.set(from, known);
		return known;
	};
	for (let day = fromDay; day < span.toDay; day = addDays(day, byMonth ? 28 : 7)) row(day);
	for (const { day, packs } of made) row(day).made += packs;
	for (const { day, eaten, discarded } of gone) {
		const week = row(day);
		week.eaten += eaten;
		week.discarded += discarded;
	}
	return [...rows.values()].sort((a, b) => (a.from < b.from ? -1 : 1));
}

/** What a serving cost by the day it was packed. */
export const costsOf = (made: readonly MadeOnDay[]) =>
	made.flatMap((one) => {
		const cents = servingCents([one]);
		return cents === null ? [] : [{ day: one.day, cents }];
	});

/** Everything the screen shows of a time but what has to be computed: sums the database makes, however many packs there are. */
export async function figuresOf(db: Db, house: Household, name: SpanName, nowMs: number) {
	const [span, before] = [0, 1].map((n) => spanOf(name, nowMs, house.timeZone, n));
	const made = await madeByDay(db, span);
	const out = await goneByDay(db, span);
	const { bySpan, byCook } = await handsOf(db, [span, before]);
	const eaten = sum(out, (day) => day.eaten);
	const thrown = sum(out, (day) => day.discarded);
	const waits = await waitedDays(db, span);
	return {
		span,
		days: made.filter(({ onPackingDay }) => onPackingDay).length,
		made: sum(made, ({ packs }) => packs),
		eaten,
		cost: { cents: servingCents(made), priced: sum(made, ({ priced }) => priced) },
		hands: { now: bySpan[0], before: bySpan[1], byCook },
		thrown: {
			packs: thrown,
			share01: eaten + thrown > 0 ? thrown / (eaten + thrown) : null,
			why: await thrownWhy(db, span)
		},
		waits: { days: rounded(waits.days), bestByDays: rounded(waits.bestByDays) },
		flow: flowOf(made, out, span),
		costs: costsOf(made),
		months: await packsByMonth(db),
		inUse: { paces: house.owned.paces ?? {}, dishes: await learnedDishes(db) }
	};
}
