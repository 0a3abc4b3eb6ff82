/** What an undo line says: what was done, to what. */
export const undoWords = {
	'packs-changed': (what: string) => what,
	'packs-added': (what: string) => `${what} written down.`,
	'readings-added': (what: string) => `Readings of ${what} added.`,
	'containers-changed': (what: string) => `How many of ${what} there are is changed.`,
	'pack-assumed': (what: string) => `What is assumed of ${what} is changed.`,
	'cook-logged': (what: string) => `How ${what} was cooked is written down.`,
	'meals-changed': (what: string) => `The weeks are changed: ${what}.`,
	'leftovers-ended': (what: string) => `What was left of ${what} is gone.`,
	'day-changed': (what: string) => `The packing day ${what} is changed.`,
	'day-removed': (what: string) => `The packing day ${what} is given up.`,
	'stock-changed': (what: string) => `What is at home of ${what} is changed.`,
	'price-removed': (what: string) => `${what} is out of the price book.`,
	'reading-removed': (what: string) => `The reading of ${what} is taken out.`,
	'cooling-ended': (what: string) => `The cooling of ${what} is ended.`,
	'dish-changed': (what: string) => `${what} is changed.`,
	'dish-learned': (what: string) => `What is learned of ${what} is changed.`,
	'dish-removed': (what: string) => `${what} is off the menu; its packs stay.`,
	'freezer-removed': (what: string) => `The freezer ${what} is taken out of use.`,
	'household-changed': () => 'The household is changed.',
	'everything-replaced': () => 'Everything is replaced by the file that was read back.'
} as const;
