import type { Stage } from './dish-facts.ts';

/** How an item comes: as the line says, or as its item is. */
export const lineForms = ['raw', 'cooked', 'canned', 'frozen'] as const;
export type LineForm = (typeof lineForms)[number];

/** What a cook corrected of an ingredient line. */
export interface LineCorrection {
	/** name in the catalogue; null: none of its items */
	itemName?: string | null;
	cut?: string;
	stage?: Stage;
	form?: LineForm | null;
	optional?: boolean;
	/** catalogue items that do as well */
	alternatives?: string[];
}
