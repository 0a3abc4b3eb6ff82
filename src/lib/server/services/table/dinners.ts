import { cookSheet } from '../../../core/serving/cook-sheet/cook-sheet.ts';
import type { Method } from '../../../core/cooking/method.ts';
import { eveningOf, type Evening, type EveningAsked } from '../../../core/serving/evening.ts';
import type { Away } from '../../../core/serving/away.ts';
import { packsFor } from '../../../core/serving/packs-for.ts';
import { inDinnerOrder } from '../../../core/serving/dinner-order.ts';
import type { PullTimes } from '../../../core/storage/pull.ts';
import { dayIn } from '../../../present/time.ts';
import type { Compute } from '../../core-worker.ts';
import type { Db } from '../../db/db.ts';
import type { Household } from '../../db/schema/index.ts';
import { runningSheets } from '../../queries/cook-sheets.ts';
import {
	eatenSince,
	firstOfPackings,
	isCookable,
	packsByCode,
	stockToPlan,
	type FirstPack,
	type StockPack
} from '../../queries/packs.ts';
import { pullOf } from '../packs/thawing-packs.ts';
import { questionOfPacks } from './pack-question.ts';
import { routesNow } from './routes-now.ts';

/** Something that could be eaten: a pack, or several of a dish that feed as many as are asked for. */
export interface Dinner {
	pack: StockPack;
	/** of those that are alike, or go in together */
	codes: string[];
	alike: number;
	servings: number;
	/** more than is asked for */
	left: number;
	eatenDaysAgo: number | null;
	/** not frozen through before; null: it is */
	freezesUntilMs: number | null;
	thaws: PullTimes | null;
	/** null: no card, what can be said is on its own page; a promise while several packs together are computed */
	evening: Evening | null | Promise<Evening | null>;
}

const minMs = 60_000;
const dayMs = 86_400_000;
/** Eaten so long ago it is no matter of variety, days. */
const latelyDays = 7;

/** Appliances that running meals are in, and until when. The hob has room for more. */
export async function busyAppliances(
	db: Db,
	nowMs: number
): Promise<Partial<Record<Method['appliance'], number>>> {
	const busy: Partial<Record<Method['appliance'], number>> = {};
	for (const { plan, ticks } of await runningSheets(db))
		for (const { uses, untilMs } of cookSheet(plan, ticks, nowMs).steps)
			if (uses && uses !== 'hob') busy[uses] = Math.max(busy[uses] ?? 0, untilMs);
	return busy;
}

/** What can be eaten by a time, for so many (null: pack by pack), with every pack there is: in the order a wise cook would look. */
export async function dinners(
	db: Db,
	compute: Compute,
	house: Household,
	asked: { serveAtMs: number; nowMs: number; eaters: number | null; away?: Away | null }
): Promise<Dinner[]> {
	const { nowMs, serveAtMs } = asked;
	const firsts = await firstOfPackings(db);
	const busyUntilMs = await busyAppliances(db, nowMs);
	const eaten = await eatenSince(db, nowMs - latelyDays * dayMs);
	const { away } = asked;
	const when = { owned: house.owned.appliances, serveAtMs, nowMs, busyUntilMs, away };
	const plain = ({ pack, card, alike }: FirstPack): Dinner => {
		const lastMs = pack.dish ? (eaten.get(pack.dish.id) ?? null) : null;
		const freezesMs =
			pack.frozenAtMs === null || !card?.freezeMin ? 0 : pack.frozenAtMs + card.freezeMin * minMs;
		const thaws =
			pack.status === 'thawing' ? pullOf({ ...pack, packing: { ...pack.packing, card } }) : null;
		const gone = thaws?.discardAtMs != null && thaws.discardAtMs < nowMs;
		return {
			pack,
			codes: [pack.code],
			alike,
			servings: pack.own.servings,
			left: 0,
			eatenDaysAgo: lastMs === null ? null : Math.floor((nowMs - lastMs) / dayMs),
			freezesUntilMs: pack.status === 'frozen' && freezesMs > nowMs ? freezesMs : null,
			thaws,
			evening: card && !gone ? eveningOf({ routes: routesNow(pack, card, nowMs), ...when }) : null
		};
	};
	const rows =
		asked.eaters === null
			? firsts.map(plain)
			: await forSoMany(db, compute, house, { firsts, eaters: asked.eaters, plain, when });
	const today = dayIn(nowMs, house.timeZone);
	return inDinnerOrder(
		rows,
		({ pack, eatenDaysAgo, evening }) => ({
			bestBy: pack.bestBy,
			eatenDaysAgo,
			costMin: evening instanceof Promise ? Number.MAX_VALUE : (evening?.best?.costMin ?? null)
		}),
		today
	);
}

/** Dishes whose packs together feed so many; what thaws counts by itself, where it is enough. */
async function forSoMany(
	db: Db,
	compute: Compute,
	house: Household,
	{
		firsts,
		eaters,
		plain,
		when
	}: {
		firsts: readonly FirstPack[];
		eaters: number;
		plain: (first: FirstPack) => Dinner;
		when: Omit<EveningAsked, 'routes'>;
	}
): Promise<Dinner[]> {
	const all = await stockToPlan(db);
	const byDish = new Map<string, typeof all>();
	for (const row of all) byDish.set(row.key, [...(byDish.get(row.key) ?? []), row]);
	const rows = firsts
		.filter(({ pack }) => pack.status === 'thawing' && pack.own.servings >= eaters)
		.map(plain);
	for (const group of byDish.values()) {
		const chosen = packsFor(eaters, group);
		if (!chosen) continue;
		const codes = chosen.packs.map(({ code }) => code);
		const first =
			firsts.find(({ pack }) => pack.code === codes[0]) ??
			firsts.find(({ pack }) => chosen.packs.some(({ packingId }) => packingId === pack.packingId));
		if (!first) continue;
		const row: Dinner = {
			...plain(first),
			codes,
			alike: 1,
			servings: chosen.servings,
			left: chosen.left
		};
		const isKept = codes.length === 1 && codes[0] === first.pack.code;
		rows.push(isKept ? row : { ...row, evening: together(db, compute, house, codes, when) });
	}
	return rows;
}

/** What packs of a dish can do together: their card is computed where nobody asked for it yet. */
async function together(
	db: Db,
	compute: Compute,
	house: Household,
	codes: readonly string[],
	when: Omit<EveningAsked, 'routes'>
): Promise<Evening | null> {
	const packs = (await packsByCode(db, codes)).filter(isCookable);
	if (packs.length < codes.length) return null;
	const { card } = await questionOfPacks(packs, house, compute);
	return eveningOf({ ...when, routes: routesNow(packs[0], card, when.nowMs) });
}
