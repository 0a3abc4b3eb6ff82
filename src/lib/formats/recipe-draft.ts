import type { DishKind, Method } from '../core/index.ts';
import type { LineStage } from '../core/foods/index.ts';

/** What the application itself adds to a recipe when it writes one, so that reading it back gives the same dish. */
export interface OwnFacts {
	kind: DishKind;
	state: 'raw' | 'cooked';
	addOnDay: string;
	/** one per ingredient line */
	stages: LineStage[];
	instruction: {
		method: Method;
		state: 'thawed' | 'frozen' | 'fresh';
		minutes: { from: number; to: number };
	} | null;
}

/** A recipe as it was read, before anybody has looked at it. */
export interface RecipeDraft {
	name: string;
	servings: number | null;
	ingredients: string[];
	/** one step a line */
	method: string;
	own: OwnFacts | null;
}

/** Something of a file that was not understood, in words for the cook. */
export interface ReadProblem {
	/** recipe or file it is about */
	where: string;
	message: string;
}

/** What a paste or a file gave. */
export interface RecipesRead {
	recipes: RecipeDraft[];
	problems: ReadProblem[];
}
