import type { LineStage } from './dish-facts.ts';

/** How an item comes: as the line says, or as its item is. */
export const lineForms = ['raw', 'cooked', 'canned', 'frozen'] as const;
export type LineForm = (typeof lineForms)[number];

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
