import { storageLife } from '../../../core/index.ts';
import { dayIn } from '../../../present/time.ts';
import type { Db } from '../../db/db.ts';
import { getHousehold } from '../../queries/household.ts';
import { packRows, packsOfPacking } from '../../queries/packs.ts';
import { changePackRow, changePacking } from '../../writes/packs.ts';
import { addUndo } from '../../writes/undo.ts';
import * as w from '../../../present/wording/index.ts';
import { beforeOf } from './change-packs.ts';

/** Packs whose labels were printed ahead are filled: frozen from that day on, with their weights where they were weighed. */
export async function freezeReserved(
	db: Db,
	input: {
		packingId: number;
		codes: readonly string[];
		massesKg: ReadonlyMap<string, number>;
		packedOn: string;
		nowMs: number;
	}
): Promise<void> {
	const { nowMs, packedOn } = input;
	await db.transaction(async (tx) => {
		const [first] = await packsOfPacking(tx, input.packingId);
		if (!first) return;
		const { packing } = first;
		const house = await getHousehold(tx);
		const { storage } = packing;
		const life = storageLife({
			parts: storage.parts,
			packedOn,
			freezerC: storage.freezerC,
			houseMonths: house.houseMonths ?? undefined
		});
		const computedBestBy = house.leads === 'good-to' ? life.goodTo : life.bestBy;
		const bestBy = storage.bestBySet ? storage.bestBy : computedBestBy;
		await changePacking(tx, packing.id, {
			packedOn,
			storage: { ...storage, ...life, bestBy, computedBestBy }
		});
		const before = [];
		for (const row of await packRows(tx, input.codes)) {
			if (row.packingId !== packing.id || row.status !== 'reserved') continue;
			const change = {
				status: 'frozen',
				bestBy,
				frozenAtMs: packedOn === dayIn(nowMs, house.timeZone) ? nowMs : null,
				massKg: input.massesKg.get(row.code) ?? row.massKg
			} as const;
			if (await changePackRow(tx, row, change, { kind: 'frozen', atMs: nowMs }))
				before.push(beforeOf(row));
		}
		if (before.length > 0)
			await addUndo(tx, {
				action: { kind: 'packs-changed', deed: 'frozen', before, added: [] },
				what: w.packDeeds.markedFrozen({ what: w.packDeeds.packs({ n: before.length }) }),
				atMs: nowMs
			});
	});
}
