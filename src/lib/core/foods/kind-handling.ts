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
	'assembled-bake': { runs: false, pieces: false, bake: true }
};

/** Share of air between pieces that lie apart (judgement). */
export const piecesAir01 = 0.25;
