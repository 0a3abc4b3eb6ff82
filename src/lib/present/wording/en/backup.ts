import type { Shown } from '../shown.ts';

export const backup = {
	thisIsNotAn: 'This is not an exported file: it is not JSON. Nothing was changed.',
	thisFileWasNot: 'This file was not exported from here. Nothing was changed.',
	thisFileHasVersion: (a: Shown, b: Shown) =>
		`This file has version ${a}, newer than this application reads (${b}). Update it first. Nothing was changed.`,
	theFileIsDamaged: (a: Shown, b: Shown) =>
		`The file is damaged at ${a}: ${b}. Nothing was changed.`
};
