/**
 * Label papers sold everywhere, millimetres (common practice, from memory; a test print shows how far a printer is off): sheets, and
 * rolls of one label after the other.
 */
export interface LabelPaper {
	readonly kind: 'sheet' | 'roll';
	readonly page: { readonly widthMm: number; readonly heightMm: number };
	readonly labelWidthMm: number;
	readonly labelHeightMm: number;
	readonly columns: number;
	readonly rows: number;
	readonly leftMm: number;
	readonly topMm: number;
	readonly columnGapMm: number;
	readonly rowGapMm: number;
}

const letter = { widthMm: 215.9, heightMm: 279.4 } as const;
const a4 = { widthMm: 210, heightMm: 297 } as const;

type Figures = readonly [
	labelWidthMm: number,
	labelHeightMm: number,
	columns: number,
	rows: number,
	leftMm: number,
	topMm: number,
	columnGapMm: number,
	rowGapMm: number
];
const sheet = (page: LabelPaper['page'], figures: Figures): LabelPaper => {
	const [labelWidthMm, labelHeightMm, columns, rows, leftMm, topMm, columnGapMm, rowGapMm] =
		figures;
	return {
		kind: 'sheet',
		page,
		labelWidthMm,
		labelHeightMm,
		columns,
		rows,
		leftMm,
		topMm,
		columnGapMm,
		rowGapMm
	};
};

/** A roll is a page as large as its label. */
export const rollPaper = (widthMm: number, lengthMm: number): LabelPaper => ({
	...sheet({ widthMm, heightMm: lengthMm }, [widthMm, lengthMm, 1, 1, 0, 0, 0, 0]),
	kind: 'roll'
});

export const labelPapers = {
	'letter-2x5': sheet(letter, [101.6, 50.8, 2, 5, 4, 12.7, 4.8, 0]),
	'letter-2x3': sheet(letter, [101.6, 84.7, 2, 3, 4, 12.7, 4.8, 0]),
	'letter-badges': sheet(letter, [85.7, 59.3, 2, 4, 17.5, 14.8, 9.5, 4.2]),
	'a4-2x4': sheet(a4, [99.1, 67.7, 2, 4, 4.65, 13.1, 2.5, 0]),
	'a4-2x7': sheet(a4, [99.1, 38.1, 2, 7, 4.65, 15.15, 2.5, 0]),
	'a4-3x7': sheet(a4, [63.5, 38.1, 3, 7, 7.25, 15.15, 2.5, 0]),
	'roll-50x30': rollPaper(50, 30),
	'roll-57x40': rollPaper(57, 40),
	'roll-62x50': rollPaper(62, 50),
	'roll-76x51': rollPaper(76, 51),
	'roll-102x76': rollPaper(102, 76)
} as const satisfies Record<string, LabelPaper>;

export type LabelPaperKey = keyof typeof labelPapers;
export const labelPaperKeys = Object.keys(labelPapers) as LabelPaperKey[];
