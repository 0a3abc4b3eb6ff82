/** What an undo line says: what was done, to what. */
export const undoWords = {
	'pack-cooked': (what: string) => `${what} is marked cooked and out of the freezer.`,
	'reading-removed': (what: string) => `The reading of ${what} is taken out.`,
	'cooling-ended': (what: string) => `The cooling of ${what} is ended.`,
	'dish-changed': (what: string) => `${what} is changed.`,
	'dish-removed': (what: string) => `${what} is off the menu; its packs stay.`,
	'freezer-removed': (what: string) => `The freezer ${what} is taken out of use.`,
	'household-changed': () => 'The household is changed.',
	'everything-replaced': () => 'Everything is replaced by the file that was read back.'
} as const;
