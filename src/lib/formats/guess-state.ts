/** A line of a dish, as text or as read. */
type LineText = string | { text: string };

/** Heat that cooks what it touches through. */
const cooks =
	/\b(simmer|boil|bake|roast|braise|stew|poach|steam(?!ed? rice)|grill|barbecue|slow[- ]?cook|pressure[- ]?cook|microwave|deep[- ]?fry|cook(?!ed|er|ie|ing (?:time|oil|spray|day|instructions)))\w*/i;
/** Heat that softens or colours, and cooks only what is thin. */
const colours =
	/\b(fry|fries|fried|saut[ée]\w*|soften\w*|sweat\w*|brown\w*|sear\w*|toast\w*|caramelis\w*|caramelize\w*|char\w*)\b/i;
/** What is put by, and where. */
const freezes =
	/\b(freez(?:e|es|ing)(?! beautifully| very| well| for up)|frozen flat|freezer[- ]?(?:bags?|proof|safe|container|tub|box)|zip(?:[- ](?:top|lock))? ?bags?|gallon bags?|(?:into|in) (?:a|the|one|two|your|large|resealable)? ?(?:large |labelled |resealable |plastic |storage |freezer )*bags?|bag (?:it|them|everything|all) up|vacuum[- ]?(?:seal|pack))\b/i;
const saysRaw =
	/\b(pack (?:it |them |everything |all )?raw|freeze (?:it |them |everything |all )?(?:raw|unbaked|uncooked|unfried|flat raw)|uncooked|unbaked|unfried|unboiled|before (?:baking|cooking|frying|boiling)|do not (?:bake|cook)(?: it| them)? (?:yet|now)|without (?:baking|cooking)|dump (?:bag|meal|and go)|freezer kit|raw kit)\b/i;
/** Cooked on the day it is eaten, never yet cooked before. */
const laterFrozen =
	/\b(?:bake|cook|fry|boil|roast|grill|steam|air[- ]?fry)\w*(?: (?:it|them|straight|directly|gently))* from (?:frozen|the freezer)|\bfrom frozen\b/i;
/** It was hot, and is to be cold before it is put by. */
const coolsDown =
	/\b(cool|leave to cool|let (?:it |them )?cool|chill|cold|reheat|warm (?:it |them )?(?:up|through)|leftovers?|portion)\w*\b/i;
/** Parts of a dish that are softened for it while the rest stays raw. */
const parts =
	/\b(onions?|garlic|ginger|spices?|seeds?|leeks?|shallots?|peppers?|mushrooms?|vegetables?|celery|carrots?|nuts?|breadcrumbs?|crumbs?|butter|spinach|potato(?:es)?|rice|pasta|bulgur|lentils?|sauce|b[ée]chamel|glaze|syrup|marinade|filling vegetables|aubergines?|cabbage)\b/i;
const wholeDish =
	/\b(everything|all|meat|beef|lamb|pork|chicken|turkey|fish|mince|it|them|stew|soup|curry|chilli|chili|sauce|filling|dish|casserole|pie|loaf|until (?:done|tender|cooked|golden|set|thick|charred))\b/i;
const isMeat =
	/\b(meat|beef|lamb|pork|chicken|turkey|duck|fish|salmon|cod|prawns?|shrimp|mince|sausages?|veal|goat|mutton|venison|bacon|thighs?|breasts?|steak|ribs?)\b/i;

/** Sentences, and within them what is done before the freezing and after. */
const sentencesOf = (method: string) =>
	method
		.split(/(?<=[.!?;])\s+|\n+|,?\s+then\s+/i)
		.map((sentence) => sentence.trim())
		.filter((sentence) => sentence !== '');

/**
 * Whether a dish goes into the freezer raw or cooked, as its method tells: cooked when the method cooks it before it is packed.
 * Null when the words do not decide: then the cook is asked, never taken for cooked.
 */
export function guessState(
	method: string,
	dish?: { name?: string; lines?: readonly LineText[] }
): 'raw' | 'cooked' | null {
	const sentences = sentencesOf(method);
	if (saysRaw.test(method) || /\b(dump bag|freezer kit|kit|raw)\b/i.test(dish?.name ?? '')) {
		// "simmer the ragù, layer, freeze unbaked" is finished in the oven: what goes in is for raw food's rules
		return 'raw';
	}
	const packed = sentences.findIndex((sentence) => freezes.test(sentence));
	const lines = (dish?.lines ?? []).map((line) => (typeof line === 'string' ? line : line.text));
	const hasMeat = lines.some(
		(line) => isMeat.test(line) && !/\b(stock|broth|sauce|cooked|canned|tinned)\b/i.test(line)
	);
	const before = (packed < 0 ? sentences : sentences.slice(0, packed)).concat(
		packed < 0 ? [] : [beforeFreezing(sentences[packed])]
	);
	const cooked = before.some((sentence) => cooksDish(sentence, hasMeat));
	const later =
		sentences.some((one) => laterFrozen.test(one) && !/\b(?:re-?heat|warm)/i.test(one)) &&
		!before.some((one) => coolsDown.test(one));
	if (packed >= 0) return cooked && !later ? 'cooked' : cooked ? null : 'raw';
	// nothing is said of freezing: cooked and then cooled is cooked; a recipe that is only cooked is one to ask about
	if (cooked && before.some((sentence) => coolsDown.test(sentence))) return 'cooked';
	if (cooked && /\bfreez/i.test(method)) return 'cooked';
	return null;
}

/** The part of a sentence before its word for freezing. */
function beforeFreezing(sentence: string): string {
	const at = freezes.exec(sentence)?.index ?? 0;
	return sentence.slice(0, at);
}

/** Whether a sentence cooks the dish, not only a part of it that goes in with raw meat. */
function cooksDish(sentence: string, hasMeat: boolean): boolean {
	if (cooks.test(sentence)) {
		// "roast the peppers" cooks the peppers
		const object = sentence
			.slice(cooks.exec(sentence)?.index ?? 0)
			.split(/\s+/)
			.slice(1, 5)
			.join(' ');
		return !(hasMeat && parts.test(object) && !isMeat.test(sentence) && !wholeDish.test(object));
	}
	if (!colours.test(sentence)) return false;
	return !hasMeat
		? /\buntil (?:golden|crisp|done|tender|set)|both sides|through\b/i.test(sentence) ||
				wholeDish.test(sentence)
		: isMeat.test(sentence) &&
				/\b(through|done|no longer pink|until (?:golden|crisp|cooked))\b/i.test(sentence);
}
