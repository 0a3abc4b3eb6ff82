import {
	and,
	asc,
	desc,
	eq,
	gte,
	inArray,
	isNotNull,
	isNull,
	lt,
	sql,
	type SQL
} from 'drizzle-orm';
import type { Db } from '../db/db.ts';
import { dishes, packings, packs } from '../db/schema/index.ts';
import { packName } from './packs.ts';

/** From a day and moment on, and until before another, in a time zone. */
export interface Window {
	fromDay: string;
	toDay: string;
	fromMs: number;
	toMs: number;
	timeZone: string;
}

const eatenStatuses = ['cooked', 'given'] as const;
const goneStatuses = [...eatenStatuses, 'discarded'] as const;

/** Servings in a pack. */
const servings = sql<number>`(${packings.servings} * ${packs.part01})::float8`;
/** The day a pack was eaten or thrown away, in a time zone (divided as a double: as a decimal it takes three times as long). */
export const outOn = (timeZone: string) =>
	sql`(to_timestamp(${packs.cookedAtMs} / 1000::float8) at time zone ${timeZone})::date`;
/** Days it waited. */
const waited = (timeZone: string) => sql`${outOn(timeZone)} - ${packings.packedOn}::date`;

const madeIn = ({ fromDay, toDay }: Pick<Window, 'fromDay' | 'toDay'>) =>
	and(isNotNull(packings.dishId), gte(packings.packedOn, fromDay), lt(packings.packedOn, toDay));
const goneIn = (
	{ fromMs, toMs }: Window,
	statuses: readonly (typeof goneStatuses)[number][] = goneStatuses
) =>
	and(
		inArray(packs.status, [...statuses]),
		gte(packs.cookedAtMs, fromMs),
		lt(packs.cookedAtMs, toMs)
	);
const count = sql<number>`count(*)::int`;

/** Packs of dishes made in a time, by the day they were packed: how many, and what those with a price cost. */
export async function madeByDay(db: Db, window: Window) {
	const priced = sql`filter (where ${packings.servingCents} is not null)`;
	return db
		.select({
			day: packings.packedOn,
			packs: count,
			onPackingDay: sql<boolean>`bool_or(${packings.dayId} is not null)`,
			priced: sql<number>`(count(*) ${priced})::int`,
			servings: sql<number>`coalesce(sum(${servings}) ${priced}, 0)::float8`,
			cents: sql<number>`coalesce(sum(${servings} * ${packings.servingCents}), 0)::float8`
		})
		.from(packings)
		.innerJoin(packs, eq(packs.packingId, packings.id))
		.where(madeIn(window))
		.groupBy(packings.packedOn)
		.orderBy(asc(packings.packedOn));
}
export type MadeOnDay = Awaited<ReturnType<typeof madeByDay>>[number];

/** Packs gone in a time, by the day they went. */
export async function goneByDay(db: Db, window: Window) {
	const isThrown = sql`filter (where ${packs.status} = 'discarded')`;
	return db
		.select({
			day: sql<string>`${outOn(window.timeZone)}::text`.as('day'),
			eaten: sql<number>`(count(*) - count(*) ${isThrown})::int`,
			discarded: sql<number>`(count(*) ${isThrown})::int`
		})
		.from(packs)
		.where(goneIn(window))
		.groupBy(sql`day`)
		.orderBy(sql`day`);
}
export type GoneOnDay = Awaited<ReturnType<typeof goneByDay>>[number];

/** Why packs were thrown away in a time, the usual reason first; '' where nobody said. */
export async function thrownWhy(db: Db, window: Window) {
	return db
		.select({ reason: sql<string>`coalesce(${packs.reason}, '')`.as('why'), n: count })
		.from(packs)
		.where(goneIn(window, ['discarded']))
		.groupBy(sql`why`)
		.orderBy(desc(count), sql`why`);
}

/** The middle of the days that packs eaten in a time had waited, and of those they might have; null of none. */
export async function waitedDays(db: Db, window: Window) {
	const middle = (days: SQL) =>
		sql<number | null>`percentile_cont(0.5) within group (order by (${days})::float8)`;
	const [row] = await db
		.select({
			days: middle(waited(window.timeZone)),
			bestByDays: middle(sql`${packs.bestBy}::date - ${packings.packedOn}::date`)
		})
		.from(packs)
		.innerJoin(packings, eq(packings.id, packs.packingId))
		.where(goneIn(window, eatenStatuses));
	return row;
}

/** How many packs were made on each of some packing days. */
export async function packsOfDays(db: Db, dayIds: readonly number[]): Promise<Map<number, number>> {
	const rows = await db
		.select({ dayId: packings.dayId, packs: count })
		.from(packings)
		.innerJoin(packs, eq(packs.packingId, packings.id))
		.where(inArray(packings.dayId, [-1, ...dayIds]))
		.groupBy(packings.dayId);
	return new Map(rows.flatMap(({ dayId, packs }) => (dayId === null ? [] : [[dayId, packs]])));
}

const bestMonth = sql<string | null>`substr(${packs.bestBy}, 1, 7)`;

/** Packs in the freezer by the month they are best before, those without a date last. */
export async function packsByMonth(db: Db): Promise<{ month: string | null; packs: number }[]> {
	return db
		.select({ month: bestMonth, packs: count })
		.from(packs)
		.where(eq(packs.status, 'frozen'))
		.groupBy(bestMonth)
		.orderBy(bestMonth);
}

/** Which packs a list of the figures shows. */
export type Behind =
	/** of those made from dishes in a time; `priced`: those with a price */
	| { kind: 'made'; priced: boolean; fromDay: string; toDay: string }
	| { kind: 'of-days'; dayIds: readonly number[] }
	/** of those gone in a time, those that went on these days */
	| { kind: 'gone'; window: Window; fromDay: string; toDay: string }
	| { kind: 'thrown'; window: Window }
	/** of those eaten in a time, the longest waits first */
	| { kind: 'eaten'; window: Window }
	/** in the freezer, best before the end of a month; null: of any, '' of those without a date */
	| { kind: 'best-by'; month: string | null }
	| { kind: 'named'; codes: readonly string[] };

function behind(what: Behind): { where: SQL | undefined; first?: SQL } {
	switch (what.kind) {
		case 'made':
			return {
				where: and(madeIn(what), what.priced ? isNotNull(packings.servingCents) : undefined)
			};
		case 'of-days':
			return { where: inArray(packings.dayId, [-1, ...what.dayIds]) };
		case 'gone': {
			const day = outOn(what.window.timeZone);
			const onThem = sql`${day} >= ${what.fromDay}::date and ${day} < ${what.toDay}::date`;
			return { where: and(goneIn(what.window), onThem) };
		}
		case 'thrown':
			return { where: goneIn(what.window, ['discarded']) };
		case 'eaten':
			return {
				where: goneIn(what.window, eatenStatuses),
				first: desc(waited(what.window.timeZone))
			};
		case 'best-by': {
			const { month } = what;
			const inIt = month === '' ? isNull(bestMonth) : eq(bestMonth, month ?? '');
			return { where: and(eq(packs.status, 'frozen'), month === null ? undefined : inIt) };
		}
		case 'named': {
			const { codes } = what;
			const order = sql`array_position(array[${sql.join(
				['', ...codes].map((code) => sql`${code}`),
				sql`, `
			)}]::text[], ${packs.code})`;
			return { where: inArray(packs.code, ['', ...codes]), first: asc(order) };
		}
	}
}

/** The packs behind a figure, at most so many, with what a list of them says. */
export async function packsBehind(db: Db, what: Behind, most: number) {
	const { where, first } = behind(what);
	return db
		.select({
			code: packs.code,
			name: packName,
			packedOn: packings.packedOn,
			status: packs.status,
			goneAtMs: packs.cookedAtMs,
			bestBy: packs.bestBy,
			reason: packs.reason,
			servings,
			servingCents: packings.servingCents
		})
		.from(packs)
		.innerJoin(packings, eq(packings.id, packs.packingId))
		.leftJoin(dishes, eq(dishes.id, packings.dishId))
		.where(where)
		.orderBy(...(first ? [first] : []), asc(packs.code))
		.limit(most);
}
