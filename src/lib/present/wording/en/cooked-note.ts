import type { Shown } from '../shown.ts';

export const cookedNote = {
	itIsOutOf: (a: Shown) => `${a}: it is out of the freezer.`,
	says: { cooked: 'Cooked', given: 'Given away', discarded: 'Discarded' },
	words: { cooked: 'cooked', given: 'given away', discarded: 'discarded' },
	because: (reason: Shown) => `Why: ${reason}.`,
	putItBack: 'Put it back'
};
