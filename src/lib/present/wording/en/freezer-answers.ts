import type { Shown } from '../shown.ts';

export const freezerAnswers = {
	thatIsNotA:
		'That is not a pack code. Codes have five marks and never 0, O, 1, I, L, 2, Z, 5, S, 8, B, U or V; read it once more.',
	noPackHasThe: (a: Shown) => `No pack has the code ${a}.`
};
