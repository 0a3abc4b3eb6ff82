import type { Shown } from '../shown.ts';

export const fieldsChecks = {
	writeAnAmountSuch: (a: Shown, b: Shown) => `${a}: write an amount such as ${b}.`,
	atLeast: (a: Shown, b: Shown) => `${a}: at least ${b}.`,
	atMost: (a: Shown, b: Shown, c: Shown) => `${a}: at most ${b}.${c}`,
	writeAWholeNumber: (a: Shown) => `${a}: write a whole number.`,
	atMost2: (a: Shown, b: Shown) => `${a}: at most ${b}.`,
	chooseOneOfThe: (a: Shown) => `${a}: choose one of the list.`,
	atMostCharacters: (a: Shown, b: Shown) => `${a}: at most ${b} characters.`
};
