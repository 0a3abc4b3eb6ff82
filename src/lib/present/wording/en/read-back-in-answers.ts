import type { Shown } from '../shown.ts';

export const readBackInAnswers = {
	theFileDoesNot: (a: Shown) => `The file does not hang together (${a}). Nothing was changed.`
};
