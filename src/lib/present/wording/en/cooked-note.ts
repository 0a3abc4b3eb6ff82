import type { Shown } from '../shown.ts';

export const cookedNote = {
	itIsOutOf: (a: Shown) => `${a}: it is out of the freezer.`,
	notFilled: ': its label is printed, it is not filled yet.',
	says: {
		cooked: 'Cooked',
		given: 'Given away',
		discarded: 'Discarded',
		thawing: 'Out to thaw',
		reserved: 'Label ahead'
	},
	words: {
		frozen: '',
		cooked: 'cooked',
		given: 'given away',
		discarded: 'discarded',
		thawing: 'thawing',
		reserved: 'not filled yet'
	},
	because: (reason: Shown) => `Why: ${reason}.`,
	putItBack: 'Put it back'
};
