import { numberWords } from './line-amount.ts';

const numberText = String.raw`(?:\d+(?:[.,]\d+)?|one|two|three|four|five|six|seven|eight|nine|ten|twelve)`;
const range = String.raw`(${numberText})(?:\s*(?:-|–|to|or)\s*(${numberText}))?`;
/** In the order they are trusted: people who eat, then what is made, then any number. */
const ways = [
	new RegExp(
		String.raw`\b(?:serves|servings?|feeds|portions?|for)\b[\s:(]*(?:about|approx\.?|around)?\s*${range}(?!\s*(?:-|x)?\s*(?:inch|cm|"))`,
		'i'
	),
	new RegExp(
		String.raw`${range}\s*(?:generous |hearty |large |small |adult |main |dinner |hungry )*(?:servings?|portions?|people|persons?|serves|helpings|plates|adults|guests|pers\.?)\b`,
		'i'
	),
	new RegExp(
		String.raw`${range}\s*(?:large |small |generous )?(?:slices|pieces|squares|muffins|rolls|patties|burgers|meatballs|cookies|burritos|bars|cakes|buns)\b`,
		'i'
	),
	/(?:a |one )?(dozen)\b/i,
	new RegExp(
		String.raw`${range}(?!\s*[-x×]?\s*(?:\d|inch|cm|"|g\b|ml|l\b|kg|lb|oz|cups?\b|quarts?))`,
		'i'
	)
];

/**
 * Servings of a yield as recipes write it: 6, "Serves 4-6", ["8", "8 servings"], "Makes one 9-inch pie, 8 slices"; a range counts
 * with its middle, rounded. Null when there is none.
 */
export function servingsOf(raw: unknown): number | null {
	if (Array.isArray(raw)) {
		for (const one of raw) {
			const found = servingsOf(one);
			if (found !== null) return found;
		}
		return null;
	}
	if (typeof raw === 'object' && raw !== null) {
		if ('value' in raw) return servingsOf(raw.value);
		if ('name' in raw) return servingsOf(raw.name);
		return null;
	}
	if (typeof raw === 'number') return inRange(raw);
	if (typeof raw !== 'string') return null;
	const text = raw.slice(0, longestYield);
	for (const way of ways) {
		const found = way.exec(text);
		if (!found) continue;
		const from = number(found[1]);
		return inRange(found[2] ? (from + number(found[2])) / 2 : from);
	}
	return null;
}

/** A yield is a few words; what is longer is read no further. */
const longestYield = 200;
const number = (text: string) => numberWords[text.toLowerCase()] ?? Number(text.replace(',', '.'));
const inRange = (n: number) => (n >= 1 && n <= 100 ? Math.round(n) : null);
