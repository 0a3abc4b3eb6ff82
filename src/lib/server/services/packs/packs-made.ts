import * as w from '../../../present/wording/index.ts';
import type { Compute } from '../../core-worker.ts';
import type { Db } from '../../db/db.ts';
import { packsOfPacking } from '../../queries/packs.ts';
import { addUndo } from '../../writes/undo.ts';
import { computeMissingCards } from './cards-behind.ts';

/** After packing: one line takes all of it back, and the cook cards are computed behind it. Answers the packs' codes. */
export async function packsMade(
	db: Db,
	compute: Compute,
	packingIds: number[],
	nowMs: number
): Promise<string[]> {
	if (packingIds.length === 0) return [];
	const packs = await Promise.all(packingIds.map((id) => packsOfPacking(db, id)));
	const codes = packs.flat().map(({ code }) => code);
	const what = w.packDeeds.packs({ n: codes.length });
	await addUndo(db, { action: { kind: 'packs-added', packingIds }, what, atMs: nowMs });
	void computeMissingCards(db, compute);
	return codes;
}
