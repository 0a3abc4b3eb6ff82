import type { Shown } from '../shown.ts';

export const labelsPdfAnswers = {
	noSuchLabelSheet: 'No such label sheet.',
	theSheetHasLabels: (a: Shown) => `The sheet has labels 1 to ${a}.`,
	thesePacksAreNot: 'These packs are not there.',
	test: 'Test print',
	cards: (a: Shown) => `Cook-day card: ${a}`,
	noSuchFreezer: 'This freezer is not there.',
	labels: (a: Shown) => `Labels: ${a}`
};
