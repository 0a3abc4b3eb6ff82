import type { FoodSpec } from '../../foods/food-spec.ts';
import type { Shape } from '../../heat/shape.ts';
import type { AnyMethod, CookQuestion, State } from '../question.ts';

/** In an oven: a pan that it fills, pieces in one layer uncovered, a wide covered dish, a deep roaster with a joint, another covered one. */
export type OvenDish = 'filled' | 'tray' | 'wide-dish' | 'roaster' | 'casserole';

/** What is conducted through: so many pieces alike. */
export interface LyingPiece {
	readonly food: FoodSpec;
	readonly shape: Shape;
	readonly count: number;
}

/** One way to cook one thing: what lies in the appliance, and how. */
export interface Scenario<M extends AnyMethod = AnyMethod> {
	readonly question: CookQuestion;
	readonly method: M;
	readonly state: State;
	/** null when the dish is loose and all of it is the pool */
	readonly piece: LyingPiece | null;
	/** the piece is one of those that lie in the pool of a loose dish */
	readonly loosePieces: boolean;
	/** a block that comes apart once no ice is left in it: it lies as these pieces then, or as one stirred pool */
	readonly apart: { readonly piece: LyingPiece | null } | null;
	readonly massKg: number;
	/** free thin liquid around it, with what is added */
	readonly liquidKg: number;
	/** of that, poured in, L */
	readonly addedL: number;
	readonly startC: number;
	/** what it stands in, in an oven */
	readonly dish: OvenDish;
}
