import { and, eq, inArray, sql } from 'drizzle-orm';
import type { Db } from '../db/db.ts';
import { containerStock, freezerReadings, packs } from '../db/schema/index.ts';
import { type ContainerKey, containers } from '../../core/published/index.ts';

/** Keeps readings; the same moment of a freezer twice counts once. Gives the moments that were new. */
export async function addFreezerReadings(
	db: Db,
	freezerId: number,
	readings: readonly { atMs: number; tempC: number }[],
	source: 'hand' | 'file' | 'thermometer'
): Promise<number[]> {
	const added: number[] = [];
	for (let from = 0; from < readings.length; from += 1000) {
		const rows = readings
			.slice(from, from + 1000)
			.map(({ atMs, tempC }) => ({ freezerId, atMs: Math.round(atMs), tempC, source }));
		const made = await db
			.insert(freezerReadings)
			.values(rows)
			.onConflictDoNothing()
			.returning({ atMs: freezerReadings.atMs });
		added.push(...made.map(({ atMs }) => atMs));
	}
	return added;
}

export async function removeFreezerReadings(
	db: Db,
	freezerId: number,
	momentsMs: readonly number[]
): Promise<void> {
	await db
		.delete(freezerReadings)
		.where(
			and(eq(freezerReadings.freezerId, freezerId), inArray(freezerReadings.atMs, [...momentsMs]))
		);
}

export async function setBestBy(
	db: Db,
	ids: readonly number[],
	values: { bestBy: string | null; lostDays: number }
): Promise<void> {
	if (ids.length)
		await db
			.update(packs)
			.set(values)
			.where(inArray(packs.id, [...ids]));
}

/** Sets how many of a container there are; null takes it off the list. */
export async function setContainerOwned(
	db: Db,
	container: ContainerKey,
	owned: number | null
): Promise<void> {
	if (owned === null)
		await db.delete(containerStock).where(eq(containerStock.container, container));
	else
		await db
			.insert(containerStock)
			.values({ container, owned })
			.onConflictDoUpdate({ target: containerStock.container, set: { owned } });
}

/** Bags and wraps are used up as they are filled; with a negative number they come back. */
export async function useContainers(db: Db, container: ContainerKey, n: number): Promise<void> {
	if (containers[container].returns) return;
	await db
		.update(containerStock)
		.set({ owned: sql`least(1000, greatest(0, ${containerStock.owned} - ${n}))` })
		.where(eq(containerStock.container, container));
}
