import { lineKeys } from '../../../core/foods/index.ts';
import type { InferType } from 'yup';
import { readPieces } from '../../../core/packing/index.ts';
import { correctedLine, parseIngredientLines } from '../../../formats/ingredient-line.ts';
import type { dishSchema } from '../../../schemas/dish.ts';
import type { Method } from '../../../core/index.ts';
import type { Db } from '../../db/db.ts';
import type { Instruction } from '../../db/schema/index.ts';
import { saveDish } from '../../writes/dishes.ts';

export type DishForm = InferType<ReturnType<typeof dishSchema>>;

function methodOf(form: DishForm): Method | null {
	switch (form.appliance) {
		case 'slow-cooker':
			return { appliance: 'slow-cooker', setting: form.setting === 'high' ? 'high' : 'low' };
		case 'pressure-cooker':
			return { appliance: 'pressure-cooker' };
		case 'oven':
			return {
				appliance: 'oven',
				ovenC: form.ovenC ?? 165,
				covered: form.lid !== 'open'
			};
		case undefined:
			return null;
	}
}

function instructionOf(form: DishForm): Instruction | null {
	const method = methodOf(form);
	if (!method || form.fromMin === undefined || !form.instructionState) return null;
	return {
		method,
		state: form.instructionState as Instruction['state'],
		minutes: { from: form.fromMin, to: form.toMin ?? form.fromMin }
	};
}

/** Saves a dish as it was entered; with an `id` in place of that one. Returns its number. */
export async function writeDish(
	db: Db,
	form: DishForm,
	nowMs: number,
	id?: number
): Promise<number> {
	const lines = parseIngredientLines(form.lines);
	const keys = lineKeys(lines);
	return saveDish(
		db,
		{
			name: form.name,
			servings: form.servings,
			kind: form.kind as Parameters<typeof saveDish>[1]['kind'],
			state: form.state as 'raw' | 'cooked',
			method: form.method ?? '',
			addOnDay: form.addOnDay ?? '',
			pieces: form.pieces ? readPieces(form.pieces) : null,
			instruction: instructionOf(form),
			createdAtMs: nowMs
		},
		lines.map((line, i) => correctedLine(line, form.corrections?.[keys[i]])),
		id
	);
}
