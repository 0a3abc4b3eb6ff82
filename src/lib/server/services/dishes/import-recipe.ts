import { dishKindNames } from '../../../core/published/index.ts';
import { kindByCut, longestPaste, mostLines } from '../../../core/foods/index.ts';
import { guessInstruction, guessKind } from '../../../formats/guess-dish.ts';
import { guessState } from '../../../formats/guess-state.ts';
import {
	parsedLineKg,
	parseIngredientLines,
	type ParsedLine
} from '../../../formats/ingredient-line.ts';
import type { OwnFacts, RecipeDraft } from '../../../formats/recipe-draft.ts';
import * as w from '../../../present/wording/index.ts';
import type { Db } from '../../db/db.ts';
import { saveDish } from '../../writes/dishes.ts';

export interface Imported {
	id: number;
	name: string;
	kind: OwnFacts['kind'];
	state: OwnFacts['state'];
	servings: number;
	/** what the recipe does not say, and only the cook knows */
	asks: ('state' | 'servings')[];
	/** its lines that are in doubt, as they were read */
	lines: ParsedLine[];
	/** what was not understood beside its lines, in words */
	problems: string[];
}

const usualServings = 4;
const longestName = 120;

/** A file's own facts, only as far as they are sound: a file can say anything. */
function soundOwn(own: OwnFacts | null): Partial<OwnFacts> {
	if (!own) return {};
	const sound: Partial<OwnFacts> = {};
	if (dishKindNames.includes(own.kind)) sound.kind = own.kind;
	if (own.state === 'raw' || own.state === 'cooked') sound.state = own.state;
	if (typeof own.addOnDay === 'string') sound.addOnDay = own.addOnDay.slice(0, 300);
	const told = own.instruction;
	const minutes = told?.minutes;
	if (
		told &&
		typeof minutes?.from === 'number' &&
		typeof minutes.to === 'number' &&
		minutes.from > 0 &&
		minutes.from <= minutes.to &&
		minutes.to <= 24 * 60 &&
		['slow-cooker', 'pressure-cooker', 'oven'].includes(told.method?.appliance)
	)
		sound.instruction = told;
	if (Array.isArray(own.stages)) sound.stages = own.stages;
	return sound;
}

/** Saves a recipe as a dish; what the file does not say is guessed from its words. */
export async function importRecipe(db: Db, draft: RecipeDraft, nowMs: number): Promise<Imported> {
	const own = soundOwn(draft.own);
	const lines = parseIngredientLines(draft.ingredients.slice(0, mostLines).join('\n'));
	lines.forEach((line, i) => {
		const stage = own.stages?.[i];
		if (stage && ['pack', 'inner', 'cook-day', 'serve'].includes(stage)) line.stage = stage;
	});
	const name = draft.name.slice(0, longestName);
	const method = draft.method.slice(0, longestPaste);
	const weighed = lines.map((line) => ({ ...line, massKg: parsedLineKg(line) }));
	const kind = own.kind ?? kindByCut(guessKind({ name, method, lines }), weighed);
	const told = own.state ?? guessState(method, { name, lines });
	// what nobody knows to be cooked is kept as raw until the cook has said
	const state = told ?? 'raw';
	const servings = draft.servings ?? usualServings;
	const id = await saveDish(
		db,
		{
			name,
			servings,
			kind,
			state,
			method,
			addOnDay: own.addOnDay ?? '',
			instruction: own.instruction === undefined ? guessInstruction(method) : own.instruction,
			createdAtMs: nowMs
		},
		lines
	);
	return {
		id,
		name,
		kind,
		state,
		servings,
		lines: lines.filter(({ understood, doubts }) => understood !== 'heading' && doubts.length > 0),
		asks: [
			...(told === null ? (['state'] as const) : []),
			...(draft.servings === null ? (['servings'] as const) : [])
		],
		problems:
			draft.ingredients.length > mostLines
				? [w.recipeImport.cutOff({ dish: name, most: mostLines })]
				: []
	};
}
