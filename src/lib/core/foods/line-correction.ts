import type { LineStage } from './dish-facts.ts';
import type { MeasureName } from '../units/measures.ts';

/** How an item comes: as the line says, or as its item is. */
export const lineForms = ['raw', 'cooked', 'canned', 'frozen'] as const;
export type LineForm = (typeof lineForms)[number];

/** What of a line is not certain, so that the cook is asked. */
export type LineDoubt =
	/** no name of the catalogue is in it */
	| 'unknown'
	/** a name is in it, and words after it that may make it another thing */
	| 'perhaps'
	/** an amount whose unit is not understood */
	| 'amount'
	/** a pulse that may be dried or cooked */
	| 'dried-or-cooked'
	/** an amount of something whose weight is not known */
	| 'weight';

/** What a cook corrected of an ingredient line. */
export interface LineCorrection {
	/** name in the catalogue; null: none of its items */
	itemName?: string | null;
	cut?: string;
	/** looked at, and right as it was read */
	settled?: true;
	stage?: LineStage;
	form?: LineForm | null;
	optional?: boolean;
	/** catalogue items that do as well */
	alternatives?: string[];
	/** what it weighs, where its amount did not say */
	quantity?: number;
	quantityTo?: number | null;
	unit?: MeasureName;
}

/** What tells each line of a dish from the others: its text, and for one that stands there again, which of them it is. */
export function lineKeys(lines: readonly { text: string }[]): string[] {
	const seen = new Map<string, number>();
	return lines.map(({ text }) => {
		const nth = (seen.get(text) ?? 0) + 1;
		seen.set(text, nth);
		return nth === 1 ? text : `${text} (${nth})`;
	});
}

/** What a cook may answer where a line was not read: names of the catalogue that say a class and no more. */
export const classAnswers = [
	'other vegetable or fruit',
	'other seasoning or sauce',
	'other grain or bread',
	'other dairy',
	'raw meat',
	'poultry',
	'white fish'
] as const;
