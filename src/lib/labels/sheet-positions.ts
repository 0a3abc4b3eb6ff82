import type { LabelPaper } from '../core/published/index.ts';

export interface PrinterOffset {
	xMm: number;
	yMm: number;
}

/**
 * Page and corner of each label on a paper, from the first free position on (1 is top left, counted along rows), moved by what the
 * printer is off.
 */
export function sheetPositions(
	paper: LabelPaper,
	start: number,
	count: number,
	offset: PrinterOffset = { xMm: 0, yMm: 0 }
): { page: number; xMm: number; yMm: number }[] {
	const places = paper.columns * paper.rows;
	return Array.from({ length: count }, (_, i) => {
		const place = start - 1 + i;
		const onPage = place % places;
		const column = onPage % paper.columns;
		const row = Math.floor(onPage / paper.columns);
		return {
			page: Math.floor(place / places),
			xMm: paper.leftMm + column * (paper.labelWidthMm + paper.columnGapMm) + offset.xMm,
			yMm: paper.topMm + row * (paper.labelHeightMm + paper.rowGapMm) + offset.yMm
		};
	});
}
