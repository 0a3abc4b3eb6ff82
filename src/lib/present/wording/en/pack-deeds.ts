import type { Shown } from '../shown.ts';

export const packDeeds = {
	/** for the line that takes it back; `what` is a pack or how many of them */
	did: {
		cooked: (what: Shown) => `${what}: cooked, out of the freezer.`,
		given: (what: Shown) => `${what}: given away.`,
		discarded: (what: Shown) => `${what}: discarded.`,
		missing: (what: Shown) => `${what}: not there, taken off the list.`,
		moved: (what: Shown) => `${what}: lies on another shelf.`,
		pulled: (what: Shown) => `${what}: out to thaw.`,
		'put-back': (what: Shown) => `${what}: back in the freezer.`,
		found: (what: Shown) => `${what}: found in the freezer.`,
		refrozen: (what: Shown) => `${what}: frozen again.`,
		'used-part': (what: Shown) => `${what}: a part is used.`,
		split: (what: Shown) => `${what}: split.`
	},
	markedFrozen: (what: Shown) => `${what}: filled and in the freezer.`,
	packs: (n: Shown) => `${n} packs`,
	changedMeanwhile:
		'This pack changed meanwhile, perhaps on another device. This is how it is now.',
	howMany: 'Servings used: write a whole number, at most what is in it.',
	intoHowMany: 'Split into how many? Write a number from 2 to 12.',
	notSoon: 'It may not be frozen again now; what to do is said below.',
	history: {
		reserved: 'label printed ahead',
		frozen: 'packed and frozen',
		moved: 'moved',
		pulled: 'taken out to thaw',
		'put-back': 'put back',
		refrozen: 'frozen again',
		'used-part': 'part used',
		split: 'split',
		cooked: 'cooked',
		given: 'given away',
		discarded: 'discarded',
		missing: 'not found at the count',
		found: 'found again at the count',
		'taken-back': 'taken back'
	}
};
