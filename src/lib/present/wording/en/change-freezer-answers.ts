import type { Shown } from '../shown.ts';

export const changeFreezerAnswers = {
	thisFreezerIsGone: 'This freezer is gone.',
	shelvesPacksLieOn: (a: Shown, b: Shown) =>
		`Shelves: ${a} packs lie on “${b}”. Keep its name, or cook them first.`,
	packsLieInCook: (a: Shown, b: Shown) => `${a} packs lie in ${b}. Cook them first.`
};
