import { numericQuantity } from 'numeric-quantity';
import { cooksNumber } from './amounts.ts';

const number = String.raw`(?:\d+\s)?\d+\/\d+|\d+\s?[½¼¾⅓⅔⅛]|[½¼¾⅓⅔⅛]|\d+(?:[.,]\d+)?`;
const metric = String.raw`\s?(?:kg|g|ml|cl|dl|l)\b`;
const customary = String.raw`\s?(?:cups?|tbsp|tsp|tablespoons?|teaspoons?|fl oz|oz|ounces?|lbs?|pounds?|pints?|quarts?|cans?|tins?|handfuls?|bunch(?:es)?)\b`;
const counted = String.raw`\s(?!min|h\b|hours?|minutes?|°|%|cm|mm|days?)\p{L}`;
const amount = new RegExp(
	`(^|[,;(+]\\s*|\\band\\s+|\\s)(${number})(?=(${metric})|(${customary})|(${counted}))`,
	'giu'
);

/**
 * A text of amounts ("120 mL cream, stirred in at the end") for a share of them ("30 mL cream, …"). Times and temperatures stay; a
 * number inside the text counts only before a unit, one that begins a part also before a word.
 */
export function shareOfAmounts(text: string, share01: number): string {
	if (Math.abs(share01 - 1) < 0.005) return text;
	return text.replace(
		amount,
		(whole, before: string, typed: string, isMetric?: string, isCustomary?: string) => {
			const inside = /^\s$/.test(before);
			if (inside && !isMetric && !isCustomary) return whole;
			const value = numericQuantity(typed.replace(',', '.'), { round: false }) * share01;
			if (!(value > 0)) return whole;
			return before + cooksNumber(isMetric ? roundMetric(value) : value, Boolean(isMetric));
		}
	);
}

/** As a kitchen scale or a jug shows it. */
const roundMetric = (value: number) =>
	value >= 100 ? Math.round(value / 5) * 5 : value >= 10 ? Math.round(value) : value;
