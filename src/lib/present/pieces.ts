/** How many of something a weight is, to buy: whole ones, rounded up; empty where it is not counted or is a pinch of one. */
export function piecesText(massKg: number, pieceKg: number | null): string {
	if (pieceKg === null || pieceKg < 0.015 || massKg <= 0) return '';
	const pieces = Math.ceil(massKg / pieceKg - 0.1);
	return pieces >= 1 && pieces <= 99 ? `about ${pieces}` : '';
}
