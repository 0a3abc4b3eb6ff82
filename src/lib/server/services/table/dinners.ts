import {
	type Away,
	type CookCard,
	cookSheet,
	type Evening,
	type EveningAsked,
	eveningOf,
	inDinnerOrder,
	packsFor
} from '../../../core/serving/index.ts';
import type { Method } from '../../../core/appliances/index.ts';
import type { PullTimes } from '../../../core/rules/index.ts';
import { dayIn } from '../../../present/time.ts';
import { grouped } from '../../../core/grouped.ts';
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
	type CookablePack,
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
/** More packings than these nobody reads through; the ones to use first are taken. */
const mostListed = 600;
/** Eaten so long ago it is no matter of variety, days. */
const latelyDays = 7;

/** Appliances that running meals are in, and until when. The hob has room for more. */
async function busyAppliances(
	db: Db,
	nowMs: number
): Promise<Partial<Record<Method['appliance'], number>>> {
	const busy: Partial<Record<Method['appliance'], number>> = {};
	for (const { plan, ticks } of await runningSheets(db))
		for (const { uses, untilMs } of cookSheet(plan, ticks, nowMs).steps)
			if (uses && uses !== 'hob') busy[uses] = Math.max(busy[uses] ?? 0, untilMs);
	return busy;
}

/** Packs that would be eaten together. */
interface Serving extends Pick<Dinner, 'codes' | 'alike' | 'servings' | 'left'> {
	first: FirstPack;
	/** of packs that nothing kept answers for, what they can do together; null: the first one's card is theirs */
	together: Promise<Together> | null;
}
type Together = { packs: CookablePack[]; card: CookCard } | null;

/** A moment a meal is asked for. */
export interface DinnerAsked {
	serveAtMs: number;
	away?: Away | null;
}

/** What there is to eat, read once and asked for any time. */
export interface DinnerTable {
	/** there are others, to be used later than these */
	more: boolean;
	/** by a time, in the order a wise cook would look */
	by(asked: DinnerAsked): Dinner[];
	/** when the first of them can be ready, begun now, looked at from a far enough time; null: none can, or it is still being computed */
	soonestMs(asked: DinnerAsked): number | null;
}

/** What can be eaten, for so many (null: pack by pack), with every pack there is. */
export async function dinners(
	db: Db,
	compute: Compute,
	house: Household,
	{ nowMs, eaters }: { nowMs: number; eaters: number | null }
): Promise<DinnerTable> {
	const { firsts, more } = await firstOfPackings(db, mostListed);
	const busyUntilMs = await busyAppliances(db, nowMs);
	const eaten = await eatenSince(db, nowMs - latelyDays * dayMs);
	const servings =
		eaters === null ? firsts.map(alone) : await forSoMany(db, compute, house, { firsts, eaters });
	const today = dayIn(nowMs, house.timeZone);
	const of = (all: readonly Serving[], asked: DinnerAsked) => {
		const when = { owned: house.owned.appliances, nowMs, busyUntilMs, ...asked };
		return all.map((serving) => dinnerOf(serving, when, eaten));
	};
	return {
		more,
		by: (asked) =>
			inDinnerOrder(
				of(servings, asked),
				({ pack, eatenDaysAgo, evening }) => ({
					bestBy: pack.bestBy,
					eatenDaysAgo,
					costMin: evening instanceof Promise ? Number.MAX_VALUE : (evening?.best?.costMin ?? null)
				}),
				today
			),
		soonestMs: (asked) => {
			const known = servings.filter(({ together }) => together === null);
			const ready = of(known, asked).map(readyMs).filter(Number.isFinite);
			return ready.length > 0 ? Math.min(...ready) : null;
		}
	};
}

/** When it can be ready, begun now; what is still being computed counts last. */
export const readyMs = ({ evening }: Dinner): number =>
	evening instanceof Promise ? Infinity : (evening?.earliest?.readyAtMs ?? Infinity);

function dinnerOf(
	{ first: { pack, card }, together, ...serving }: Serving,
	when: Omit<EveningAsked, 'routes'>,
	eaten: ReadonlyMap<number, number>
): Dinner {
	const { nowMs } = when;
	const lastMs = pack.dish ? (eaten.get(pack.dish.id) ?? null) : null;
	const freezesMs =
		pack.frozenAtMs === null || !card?.freezeMin ? 0 : pack.frozenAtMs + card.freezeMin * minMs;
	const thaws =
		pack.status === 'thawing' ? pullOf({ ...pack, packing: { ...pack.packing, card } }) : null;
	const gone = thaws?.discardAtMs != null && thaws.discardAtMs < nowMs;
	const evening = (of: FirstPack['pack'], by: CookCard) =>
		eveningOf({ ...when, routes: routesNow(of, by, nowMs) });
	return {
		...serving,
		pack,
		eatenDaysAgo: lastMs === null ? null : Math.floor((nowMs - lastMs) / dayMs),
		freezesUntilMs: pack.status === 'frozen' && freezesMs > nowMs ? freezesMs : null,
		thaws,
		evening: together
			? together.then((made) => made && evening(made.packs[0], made.card))
			: card && !gone
				? evening(pack, card)
				: null
	};
}

/** A pack by itself, for those that are like it. */
const alone = (first: FirstPack): Serving => ({
	first,
	codes: [first.pack.code],
	alike: first.alike,
	servings: first.pack.own.servings,
	left: 0,
	together: null
});

/** Dishes whose packs together feed so many; what thaws counts by itself, where it is enough. */
async function forSoMany(
	db: Db,
	compute: Compute,
	house: Household,
	{ firsts, eaters }: { firsts: readonly FirstPack[]; eaters: number }
): Promise<Serving[]> {
	const byDish = grouped(await stockToPlan(db), ({ key }) => key);
	const thawing = firsts.filter(
		({ pack }) => pack.status === 'thawing' && pack.own.servings >= eaters
	);
	const frozen = [...byDish.values()].flatMap((group): Serving[] => {
		const chosen = packsFor(eaters, group);
		if (!chosen) return [];
		const codes = chosen.packs.map(({ code }) => code);
		const first =
			firsts.find(({ pack }) => pack.code === codes[0]) ??
			firsts.find(({ pack }) => chosen.packs.some(({ packingId }) => packingId === pack.packingId));
		if (!first) return [];
		const { servings, left } = chosen;
		const isKept = codes.length === 1 && codes[0] === first.pack.code;
		const together = isKept ? null : cardTogether(db, compute, house, codes);
		return [{ first, codes, alike: 1, servings, left, together }];
	});
	return [...thawing.map(alone), ...frozen];
}

/** The card of packs of a dish together: it is computed where nobody asked for it yet. */
async function cardTogether(
	db: Db,
	compute: Compute,
	house: Household,
	codes: readonly string[]
): Promise<Together> {
	const packs = (await packsByCode(db, codes)).filter(isCookable);
	if (packs.length < codes.length) return null;
	const { card } = await questionOfPacks(packs, house, compute);
	return { packs, card };
}
