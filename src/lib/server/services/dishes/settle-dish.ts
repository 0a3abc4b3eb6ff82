import { type LineCorrection, lineKeys } from '../../../core/foods/index.ts';
import { correctedLine } from '../../../formats/ingredient-line.ts';
import type { Db } from '../../db/db.ts';
import { contentOf, getDish } from '../../queries/dishes.ts';
import { undoable } from '../../undo/undoable.ts';
import { addVersion, saveDish } from '../../writes/dishes.ts';

/** What a cook says of a dish that its words did not. */
export interface Settled {
	corrections: Record<string, LineCorrection>;
	state?: 'raw' | 'cooked';
	servings?: number;
}

/** Answers what was open about a dish's lines, its state and its servings, as one change to be taken back. False when it is gone. */
export async function settleDish(
	db: Db,
	dishId: number,
	{ corrections, ...said }: Settled,
	atMs: number
): Promise<boolean> {
	const dish = await getDish(db, dishId);
	if (!dish) return false;
	const before = contentOf(dish);
	const keys = lineKeys(dish.lines);
	const lines = before.lines.map((line, i) =>
		correctedLine(
			{
				...line,
				quantity: line.quantity ?? null,
				quantityTo: line.quantityTo ?? null,
				unit: line.unit ?? null,
				itemName: line.itemName ?? null,
				cut: line.cut ?? '',
				stage: line.stage ?? 'pack',
				form: line.form ?? null,
				optional: line.optional ?? false,
				alternatives: line.alternatives ?? [],
				doubts: line.doubts ?? []
			},
			corrections[keys[i]]
		)
	);
	const action = { kind: 'dish-changed', dishId, before } as const;
	return undoable(db, { action, what: dish.name, atMs }, async (tx) => {
		await addVersion(tx, { dishId, atMs, content: before });
		await saveDish(tx, { ...before.values, ...said }, lines, dishId);
		return true;
	});
}
