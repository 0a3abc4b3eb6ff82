import * as w from '../../../present/wording/index.ts';
import type { Db } from '../../db/db.ts';
import { contentOf, getDish } from '../../queries/dishes.ts';
import { getHousehold } from '../../queries/household.ts';
import { undoable } from '../../undo/undoable.ts';
import { addNote, changeLine, setDishExtras } from '../../writes/dishes.ts';
import { changeHousehold } from '../household/save-household.ts';

/** What the freezer check proposes for a line. */
export const proposals = ['cook-day', 'serve', 'cook-short', 'freeze-anyway'] as const;
export type Proposal = (typeof proposals)[number];

/** Changes what a dish has beside its recipe, to be taken back as one change of the dish. False when it is gone. */
export async function changeExtras(
	db: Db,
	dishId: number,
	change: Parameters<typeof setDishExtras>[2],
	atMs: number
): Promise<boolean> {
	const dish = await getDish(db, dishId);
	if (!dish) return false;
	const action = { kind: 'dish-changed', dishId, before: contentOf(dish) } as const;
	return undoable(db, { action, what: dish.name, atMs }, (tx) => setDishExtras(tx, dishId, change));
}

/** Takes a proposal of the freezer check for one line. False when dish or line is gone. */
export async function acceptProposal(
	db: Db,
	dishId: number,
	{ line: index, proposal }: { line: number; proposal: Proposal },
	atMs: number
): Promise<boolean> {
	const dish = await getDish(db, dishId);
	const line = dish?.lines[index];
	if (!dish || !line) return false;
	if (proposal === 'freeze-anyway') {
		const { freezeAnyway } = await getHousehold(db);
		if (line.itemName)
			await changeHousehold(db, { freezeAnyway: [...freezeAnyway, line.itemName] }, atMs);
		return true;
	}
	const change =
		proposal === 'cook-short'
			? { text: `${line.text}, ${w.dishCare.shortNote}`, cut: w.dishCare.shortNote }
			: { stage: proposal };
	const action = { kind: 'dish-changed', dishId, before: contentOf(dish) } as const;
	return undoable(db, { action, what: dish.name, atMs }, (tx) =>
		changeLine(tx, dishId, line.position, change)
	);
}

/** Writes a note for next time. False when the dish is gone. */
export async function noteDish(db: Db, dishId: number, text: string, atMs: number) {
	if (!(await getDish(db, dishId))) return false;
	await addNote(db, { dishId, atMs, text });
	return true;
}

/** The catalogue item a dish's packs stand for, null: none. False when it is gone. */
export const setStandsFor = (db: Db, dishId: number, standsFor: string | null) =>
	setDishExtras(db, dishId, { standsFor });
