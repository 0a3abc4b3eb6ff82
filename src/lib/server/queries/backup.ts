import { asc, getTableColumns, sql } from 'drizzle-orm';
import type { Backup } from '../../formats/backup.ts';
import type { BackupTables } from '../../formats/backup-tables.ts';
import { backupVersion } from '../../formats/backup-versions.ts';
import type { Db } from '../db/db.ts';
import { rawRows } from '../db/raw-rows.ts';
import {
	containerStock,
	cooks,
	cookSheets,
	coolingReadings,
	coolingRuns,
	dayDishes,
	dayEvents,
	dishNotes,
	dishPictures,
	dishVersions,
	dishes,
	freezerReadings,
	freezers,
	household,
	ingredientLines,
	leftovers,
	packingDays,
	packEvents,
	packings,
	packs,
	plannedMeals,
	prices,
	shelves,
	shopMarks,
	stock
} from '../db/schema/index.ts';

/** Parents before children: the order of writing; removal goes backwards. */
export const inOrder = {
	household,
	freezers,
	shelves,
	dishes,
	ingredientLines,
	packingDays,
	coolingRuns,
	coolingReadings,
	packings,
	packs,
	packEvents,
	freezerReadings,
	containerStock,
	cooks,
	cookSheets,
	leftovers,
	plannedMeals,
	dayDishes,
	dayEvents,
	prices,
	stock,
	shopMarks,
	dishNotes,
	dishVersions,
	dishPictures
} as const;
export const names = Object.keys(inOrder) as (keyof typeof inOrder)[];
/** A table's columns but those that are computed from the others. */
function kept(name: keyof typeof inOrder) {
	if (name !== 'coolingRuns') return getTableColumns(inOrder[name]);
	const { glance: _computed, ...columns } = getTableColumns(coolingRuns);
	return columns;
}

interface SequenceRow {
	last_value: string | number;
	is_called: boolean;
}

/** What others write meanwhile is not seen (PostgreSQL 13.2.2). */
const oneSnapshot = { isolationLevel: 'repeatable read', accessMode: 'read only' } as const;

/** Everything, as it stands at one moment. */
export async function exportAll(db: Db, nowMs: number): Promise<Backup> {
	return db.transaction(async (tx) => {
		const tables: Record<string, unknown> = {};
		for (const name of names)
			tables[name] = await tx.select(kept(name)).from(inOrder[name]).orderBy(asc(inOrder[name].id));
		const [serial] = await rawRows<SequenceRow>(
			tx,
			sql`select last_value, is_called from pack_serial`
		);
		return {
			format: 'almacen',
			version: backupVersion,
			exportedAtMs: nowMs,
			lastSerial: serial.is_called ? Number(serial.last_value) : 0,
			tables: tables as unknown as BackupTables
		};
	}, oneSnapshot);
}
