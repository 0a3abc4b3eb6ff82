import type { Shown } from '../shown.ts';

export const cookedNote = {
	itIsOutOf: (a: Shown) => `${a}: it is out of the freezer.`,
	cooked: 'Cooked',
	putItBack: 'Put it back'
};
