import type { Shown } from '../shown.ts';

export const cookedNote = {
	isOut: ({ word }: { word: Shown }) => `${word}: it is out of the freezer.`,
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
	because: ({ reason }: { reason: Shown }) => `Why: ${reason}.`,
	putItBack: 'Put it back'
};
