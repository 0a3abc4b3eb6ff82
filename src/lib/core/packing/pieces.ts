import type { Shape } from '../heat/shape.ts';
import type { DishKind } from '../published/dish-kinds.ts';
import { piecesSaid, sentencesOf } from '../steps/read-method.ts';

/** What a batch of a dish comes in: so many of what. */
export interface DishPieces {
	count: number;
	/** "meatballs" */
	name: string;
}

/** Most pieces of a batch that are reckoned with. */
export const mostPieces = 500;

/** "40 meatballs" as a cook types it; null when it is no number of something. */
export function readPieces(typed: string): DishPieces | null {
	const found = /^\s*(?:about\s+|ca\.?\s+)?(\d{1,3})\s+(\p{L}[\p{L} -]{1,40}?)\s*$/iu.exec(typed);
	if (!found) return null;
	const count = Number(found[1]);
	return count >= 2 && count <= mostPieces ? { count, name: found[2].toLowerCase() } : null;
}

/** The pieces a method says a batch makes ("shape into forty meatballs"); null when it says none. */
export function piecesOfMethod(method: string): DishPieces | null {
	for (const sentence of sentencesOf(method)) {
		const found = piecesSaid(sentence);
		if (found) return { count: found.count, name: found.name };
	}
	return null;
}

/** Pieces in a pack of so many servings, at least one; of a dish that makes `servings` in all. */
export const piecesIn = (
	pieces: Pick<DishPieces, 'count'>,
	packServings: number,
	servings: number
): number => Math.max(1, Math.round((pieces.count * packServings) / servings));

/** No piece of a kind is thicker than this, metres: patties and fillets, cookies (common practice, no source). Others are as high as wide. */
const flatM: Readonly<Partial<Record<DishKind, number>>> = {
	'lean-pieces': 0.02,
	fish: 0.025,
	dough: 0.015
};

/** Pieces that were frozen apart, as they cook: each by itself, as long as wide, and flat where its kind is. */
export function loosePieces(
	{ massKg, count, kind }: { massKg: number; count: number; kind: DishKind },
	densityKgPerM3: number
): { shape: Shape; count: number } {
	const volumeM3 = massKg / count / densityKgPerM3;
	const heightM = Math.min(Math.cbrt(volumeM3), flatM[kind] ?? Infinity);
	const sideM = Math.sqrt(volumeM3 / heightM);
	return { shape: { kind: 'brick', lengthM: sideM, widthM: sideM, heightM }, count };
}
