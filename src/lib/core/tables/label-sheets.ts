/** Label sheets sold everywhere, millimetres (common practice, from memory; a test print shows the printer's offset). */
export interface LabelSheet {
	readonly page: {
		readonly widthMm: number;
		readonly heightMm: number;
		readonly name: 'Letter' | 'A4';
	};
	readonly labelWidthMm: number;
	readonly labelHeightMm: number;
	readonly columns: number;
	readonly rows: number;
	readonly leftMm: number;
	readonly topMm: number;
	readonly columnGapMm: number;
	readonly rowGapMm: number;
}

const letter = { widthMm: 215.9, heightMm: 279.4, name: 'Letter' } as const;
const a4 = { widthMm: 210, heightMm: 297, name: 'A4' } as const;

export const labelSheets = {
	'letter-2x3': {
		page: letter,
		labelWidthMm: 101.6,
		labelHeightMm: 84.7,
		columns: 2,
		rows: 3,
		leftMm: 4,
		topMm: 12.7,
		columnGapMm: 4.8,
		rowGapMm: 0
	},
	'a4-2x4': {
		page: a4,
		labelWidthMm: 99.1,
		labelHeightMm: 67.7,
		columns: 2,
		rows: 4,
		leftMm: 4.65,
		topMm: 13.1,
		columnGapMm: 2.5,
		rowGapMm: 0
	}
} as const satisfies Record<string, LabelSheet>;

export type LabelSheetKey = keyof typeof labelSheets;
export const labelSheetKeys = Object.keys(labelSheets) as LabelSheetKey[];
