import { loadKgPerL } from '../../../core/menu/index.ts';
import type { ContainerKey } from '../../../core/published/index.ts';
import { freezingDays, loadLeftKg, shelfUsableL } from '../../../core/storage/index.ts';
import { dayIn } from '../../../present/time.ts';
import type { Compute } from '../../core-worker.ts';
import type { Db } from '../../db/db.ts';
import { coolingsOfDay } from '../../queries/cooling.ts';
import { addedKgSince, shelfContents } from '../../queries/freezer-stock.ts';
import { getHousehold, listFreezers } from '../../queries/household.ts';
import { openPortions, type OpenPortion } from '../day/day-portions.ts';
import { packDish } from './pack-dish.ts';
import { packsMade } from './packs-made.ts';

const aDayMs = 24 * 3600_000;

/** A portion to be packed, with the place it is proposed for and the day it goes in. */
export interface PortionRow extends OpenPortion {
	/** days from today; more than the freezers take in a day waits */
	goesInDay: number;
	/** null: there is no shelf */
	shelfId: number | null;
}

/** What is still to be packed of a day, of how many packs in all: where each portion lies best and when it goes in. */
export async function portionsToPack(db: Db, dayId: number, nowMs: number) {
	const { open, packs } = await openPortions(db, dayId);
	const freezers = await listFreezers(db);
	const added = await addedKgSince(db, nowMs - aDayMs);
	const perDayKg = freezers.reduce((sum, { volumeL }) => sum + volumeL * loadKgPerL, 0);
	const leftKg = freezers.reduce(
		(sum, freezer) => sum + loadLeftKg(freezer, added.get(freezer.id) ?? 0),
		0
	);
	/** each pack in its turn; a row goes in when its last one does */
	const days = freezingDays(
		open.flatMap(({ to, packs, massKg }) =>
			Array.from({ length: packs }, () => (to === 'freezer' ? massKg : 0))
		),
		{ perDayKg, leftKg }
	);
	const contents = new Map((await shelfContents(db, 0)).map((c) => [c.shelfId, c.litres]));
	/** litres left on each shelf; a row lies where there is most */
	const room = new Map(
		freezers.flatMap((freezer) =>
			freezer.shelves.map(
				({ id }) => [id, shelfUsableL(freezer) - (contents.get(id) ?? 0)] as const
			)
		)
	);
	const shelfFor = (litres: number): number | null => {
		const [best] = [...room].sort(([, a], [, b]) => b - a);
		if (!best) return null;
		room.set(best[0], best[1] - litres);
		return best[0];
	};
	let at = 0;
	const rows = open.map((portion): PortionRow => {
		at += portion.packs;
		return {
			...portion,
			goesInDay: days[at - 1],
			shelfId: shelfFor(portion.packs * portion.litres)
		};
	});
	return { rows, packs, freezers, perDayKg, days: Math.max(0, ...days) + 1 };
}

/** A portion as it is packed: what turned out otherwise than planned is said. */
export interface PortionPacked {
	portion: OpenPortion;
	count: number;
	massKg: number;
	container: ContainerKey;
	shelfId: number;
}

/** Packs portions of a day; what cannot be is said by the portion's key, the rest is done, with one line to take all of it back. */
export async function packPortions(
	db: Db,
	compute: Compute,
	dayId: number,
	asked: readonly PortionPacked[],
	nowMs: number
): Promise<{ codes: string[]; refused: Record<string, { field: string; message: string }> }> {
	const house = await getHousehold(db);
	const runs = await coolingsOfDay(db, dayId);
	const packingIds: number[] = [];
	const refused: Record<string, { field: string; message: string }> = {};
	for (const { portion, ...how } of asked) {
		const packed = await packDish(
			db,
			compute,
			{
				dishId: portion.dishId,
				dayId,
				coolingRunId: runs.findLast(({ dishId }) => dishId === portion.dishId)?.id,
				cardBehind: true,
				servings: portion.servings,
				packedOn: dayIn(nowMs, house.timeZone),
				...how
			},
			nowMs
		);
		if (packed.ok) packingIds.push(packed.packingId);
		else refused[portion.key] = { field: packed.field, message: packed.message };
	}
	return { codes: await packsMade(db, compute, packingIds, nowMs), refused };
}

/** "Fill, close and label" is done: a dish's portions are packs now, as they were planned. What cannot be waits on the Pack page. */
export async function packAsPlanned(
	db: Db,
	compute: Compute,
	day: { id: number; dishId: number },
	nowMs: number
): Promise<string[]> {
	const { rows } = await portionsToPack(db, day.id, nowMs);
	const own = rows.flatMap(({ shelfId, ...portion }) =>
		portion.dishId === day.dishId && shelfId !== null
			? [
					{
						portion,
						count: portion.packs,
						massKg: portion.massKg,
						container: portion.container,
						shelfId
					}
				]
			: []
	);
	return (await packPortions(db, compute, day.id, own, nowMs)).codes;
}
