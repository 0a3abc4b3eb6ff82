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
	/** longest that hot food waits before its cooling begins, minutes: it goes to its place when it is done */
	hotWaitMin: 5,
	/** longest that hot food waits to be filled into bags, minutes */
	hotFillWaitMin: 10,
	/** hands for bringing one pot, dish or tray to where it cools, minutes */
	toCoolMin: 1,
	/** heating an oven, minutes, when nobody has timed it */
	preheatMin: 12,
	/** hands to switch the oven on and clear it, minutes */
	switchOnMin: 1,
	/** putting cut meat back into the refrigerator, minutes */
	putBackMin: 1,
	/** laying out one piece on a tray, minutes */
	layOutMin: 0.1,
	/** pieces freezing apart on a tray until they no longer stick, minutes; common practice, no source */
	freezeApartMin: 90,
	/** share of the time in the ice bath that somebody stirs: half a minute in every five */
	stirring01: 0.1,
	/** longest that cut raw meat or fish lies outside the refrigerator, minutes; public advice allows 2 h at room temperature in all */
	rawWaitMin: 30
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

/** Kinds of work after which something may not stand, and for how long. */
export type WaitKind = 'raw-meat-heated' | 'cooked-hot' | 'hot-oven' | 'cut-raw-meat' | 'boiled';

/**
 * Longest waits by kind, minutes: meat that has met heat is cooked to the end without a pause (five minutes is the hand that is not
 * free at once); cooked food waits hot and covered; a hot oven is not kept empty. Common practice, no source.
 */
export const longestWaitMin: Readonly<Record<Exclude<WaitKind, 'boiled'>, number>> = {
	'raw-meat-heated': 5,
	'cooked-hot': 30,
	'hot-oven': 30,
	'cut-raw-meat': dayWork.rawWaitMin
};

/** What may not stand once it is boiled, and for how long, minutes. Common practice, no source; rice: cooled within the hour. */
export const shortWaits: readonly { readonly words: RegExp; readonly maxWaitMin: number }[] = [
	{ words: /\b(pasta|noodles?|macaroni|spaghetti|tagliatelle)\b/i, maxWaitMin: 5 },
	{ words: /\b(rice|risotto)\b/i, maxWaitMin: 15 },
	{ words: /\b(mash|potato(es)?)\b/i, maxWaitMin: 20 }
];

/** Cooking by itself for so long cooks meat through, minutes (judgement; its core is measured all the same). */
export const cookedThroughMin = 15;

/**
 * Watts a household refrigerator has to spare for hot food beside holding its own, and within how long: some 60 W within 4 h
 * (judgement: a compressor draws 100 to 150 W, moves 1.2 to 1.5 times that, and runs a third of the time anyway).
 */
export const refrigeratorSpare = { powerW: 60, withinH: 4 } as const;
