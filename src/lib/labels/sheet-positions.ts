import type { LabelSheet } from '../core/tables/label-sheets.ts';

/** Page and corner of each label on a sheet, from the first free position on (1 is top left, counted along rows). */
export function sheetPositions(
	sheet: LabelSheet,
	start: number,
	count: number
): { page: number; xMm: number; yMm: number }[] {
	const places = sheet.columns * sheet.rows;
	return Array.from({ length: count }, (_, i) => {
		const place = start - 1 + i;
		const onPage = place % places;
		const column = onPage % sheet.columns;
		const row = Math.floor(onPage / sheet.columns);
		return {
			page: Math.floor(place / places),
			xMm: sheet.leftMm + column * (sheet.labelWidthMm + sheet.columnGapMm),
			yMm: sheet.topMm + row * (sheet.labelHeightMm + sheet.rowGapMm)
		};
	});
}
