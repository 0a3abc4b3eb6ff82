import type { AsIf } from '../../../core/serving/index.ts';
import type { Db } from '../../db/db.ts';
import type { PackWithCard } from '../../queries/packs.ts';
import { undoable } from '../../undo/undoable.ts';
import type { enoughs } from '../../../schemas/choices.ts';
import { lastCookOf } from '../../queries/cooks.ts';
import { addCook, setEnough } from '../../writes/cooks.ts';
import { setAssumed } from '../../writes/packs.ts';
import { addUndo } from '../../writes/undo.ts';

const named = (pack: PackWithCard) => `${pack.name}, ${pack.code},`;

/** Keeps what is assumed of a pack otherwise than when it was packed (null: nothing), with a line to take that back. */
export const assumeOfPack = (
	db: Db,
	pack: PackWithCard,
	assumed: AsIf | null,
	atMs: number
): Promise<boolean> =>
	undoable(
		db,
		{
			action: { kind: 'pack-assumed', code: pack.code, before: pack.assumed },
			what: named(pack),
			atMs
		},
		(tx) => setAssumed(tx, pack.code, assumed)
	);

/** Writes down whether it was enough. False when that cook is not one of this pack's. */
export async function sayEnough(
	db: Db,
	pack: PackWithCard,
	cookId: number,
	enough: (typeof enoughs)[number]
): Promise<boolean> {
	return db.transaction(async (tx) =>
		(await lastCookOf(tx, pack.id))?.id === cookId ? setEnough(tx, cookId, enough) : false
	);
}

/** Writes down how a cook went, once, with a line to take that back. */
export async function logCook(
	db: Db,
	pack: PackWithCard,
	cook: Omit<Parameters<typeof addCook>[1], 'packId'>
): Promise<void> {
	await db.transaction(async (tx) => {
		const cookId = await addCook(tx, { packId: pack.id, ...cook });
		if (cookId === null) return;
		const action = { kind: 'cook-logged', cookId } as const;
		await addUndo(tx, { action, what: named(pack), atMs: cook.atMs });
	});
}
