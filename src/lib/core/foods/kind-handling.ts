import type { DishKind } from '../published/dish-kinds.ts';

/** How a kind of dish behaves when it is put into something. */
export interface KindHandling {
	/** it runs: containers need headspace for liquid, plates do not hold it */
	readonly runs: boolean;
	/** pieces that lie apart, with air between them */
	readonly pieces: boolean;
	/** it is baked in what it freezes in */
	readonly bake: boolean;
}

const inSauce: KindHandling = { runs: true, pieces: false, bake: false };
const inPieces: KindHandling = { runs: false, pieces: true, bake: false };

const inPan: KindHandling = { runs: false, pieces: false, bake: true };

/** Judgement: what an ordinary dish of its kind does. */
export const kindHandling: Readonly<Record<DishKind, KindHandling>> = {
	'tough-cut': { ...inSauce, runs: false },
	'braised-pieces': inSauce,
	'lean-pieces': inPieces,
	fish: inPieces,
	'meat-in-sauce': inSauce,
	'pulse-soup': inSauce,
	'hard-vegetables': inPieces,
	'soft-vegetables': inSauce,
	'assembled-bake': inPan,
	'assembled-cooked': inPan,
	'wrapped-single': inPieces,
	dough: inPieces,
	'baked-goods': inPieces
};

/** Whether it freezes in its own shape: a roast, a whole bird. It is measured, not pressed flat. */
export const isWholePiece = (
	kind: DishKind,
	parts: readonly { readonly group: string }[] = []
): boolean => kind === 'tough-cut' || parts.some(({ group }) => group === 'poultry-whole');

/**
 * Usual pieces of a dish once it is thawed and lies loose, metres, length × width × thickness: stewing cubes, pieces of chicken, a
 * fillet of fish, cut vegetables. Common practice, no source. Kinds without them are loose in their sauce, baked or one piece.
 */
export const usualPieceM: Readonly<Partial<Record<DishKind, readonly [number, number, number]>>> = {
	'braised-pieces': [0.03, 0.03, 0.03],
	'lean-pieces': [0.11, 0.07, 0.025],
	fish: [0.11, 0.07, 0.025],
	'hard-vegetables': [0.03, 0.03, 0.03],
	'soft-vegetables': [0.03, 0.03, 0.02]
};

/** Share of air between pieces that lie apart (judgement). */
export const piecesAir01 = 0.25;
