import * as w from '../../../present/wording/index.ts';
import type { InferType } from 'yup';
import type { freezerSchema } from '../../../schemas/household.ts';
import type { Db } from '../../db/db.ts';
import { listFreezers, packsByShelf } from '../../queries/household.ts';
import { addFreezer, changeFreezer, setFreezerRemoved } from '../../writes/household.ts';
import { recountQuality } from '../packs/recount-quality.ts';
import { undoable } from '../../undo/undoable.ts';

type FreezerForm = InferType<ReturnType<typeof freezerSchema>>;
type Result = { ok: true } | { ok: false; message: string };

const shelfNames = (form: FreezerForm) => [
	...new Set(
		form.shelves
			.split('\n')
			.map((name) => name.trim())
			.filter(Boolean)
	)
];

/** Adds a freezer, or corrects the one with `id`. A shelf that packs lie on cannot be taken away. */
export async function writeFreezer(
	db: Db,
	form: FreezerForm,
	nowMs: number,
	id?: number
): Promise<Result> {
	const values = { ...form, shelves: shelfNames(form) };
	if (id === undefined) {
		await addFreezer(db, values);
		return { ok: true };
	}
	const freezer = (await listFreezers(db)).find((box) => box.id === id);
	if (!freezer) return { ok: false, message: w.changeFreezerAnswers.gone };
	const used = await packsByShelf(db, id);
	const lost = freezer.shelves.find(
		(shelf) => !values.shelves.includes(shelf.name) && (used.get(shelf.id) ?? 0) > 0
	);
	if (lost)
		return {
			ok: false,
			message: w.changeFreezerAnswers.shelfInUse({
				packs: used.get(lost.id) ?? 0,
				shelf: lost.name
			})
		};
	await db.transaction(async (tx) => {
		await changeFreezer(tx, id, values, nowMs);
		if (freezer.setC !== values.setC) await recountQuality(tx, id, nowMs);
	});
	return { ok: true };
}

/** Takes an empty freezer out of use. */
export async function removeFreezer(db: Db, id: number, nowMs: number): Promise<Result> {
	const freezer = (await listFreezers(db)).find((box) => box.id === id);
	if (!freezer) return { ok: false, message: w.changeFreezerAnswers.gone };
	const packs = [...(await packsByShelf(db, id)).values()].reduce((sum, n) => sum + n, 0);
	if (packs > 0)
		return {
			ok: false,
			message: w.changeFreezerAnswers.freezerInUse({ packs, freezer: freezer.name })
		};
	const action = { kind: 'freezer-removed', freezerId: id } as const;
	await undoable(db, { action, what: freezer.name, atMs: nowMs }, (tx) =>
		setFreezerRemoved(tx, id, nowMs)
	);
	return { ok: true };
}
