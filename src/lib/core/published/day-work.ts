/**
 * What work on a packing day needs beside the dish's own steps. Judgement, from how home kitchens work; the household's own times
 * take over as they are kept.
 */
export const dayWork = {
	/** hands, board and knife washed after raw animal food, minutes */
	changeoverMin: 5,
	/** filling, closing and labelling: to set up, and for each pack, minutes */
	packSetUpMin: 3,
	perPackMin: 2,
	/** longest that hot food waits (covered, still hot) before its cooling begins, minutes */
	hotWaitMin: 20,
	/** share of the time in the ice bath that somebody stirs: half a minute in every five */
	stirring01: 0.1,
	/** longest that raw animal food lies filled into nothing, minutes; public advice allows 2 h at room temperature in all */
	rawWaitMin: 45
} as const;

/** Litres of food that go into one place at once: a big pot, a shelf of the oven, a bowl. Judgement. */
export const placeL: Readonly<Record<string, number>> = {
	burner: 8,
	oven: 5,
	microwave: 2,
	bowl: 6
};

/** Of a closed cooker's litres, what may be filled (its manual leads; with pulses less). */
export const cookerFill01: Readonly<Record<string, number>> = {
	'pressure-cooker': 2 / 3,
	'slow-cooker': 3 / 4
};

/** What may not stand once it is boiled, and for how long, minutes. Common practice, no source; rice: cooled within the hour. */
export const shortWaits: readonly { readonly words: RegExp; readonly maxWaitMin: number }[] = [
	{ words: /\b(pasta|noodles?|macaroni|spaghetti|tagliatelle)\b/i, maxWaitMin: 5 },
	{ words: /\b(rice|risotto)\b/i, maxWaitMin: 15 },
	{ words: /\b(mash|potato(es)?)\b/i, maxWaitMin: 20 }
];

/**
 * Watts a household refrigerator has to spare for hot food beside holding its own, and within how long: some 60 W within 4 h
 * (judgement: a compressor draws 100 to 150 W, moves 1.2 to 1.5 times that, and runs a third of the time anyway).
 */
export const refrigeratorSpare = { powerW: 60, withinH: 4 } as const;
