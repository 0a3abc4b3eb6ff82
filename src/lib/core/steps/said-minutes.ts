import { upToTwelve } from '../units/number-words.ts';
const words: Readonly<Record<string, number>> = {
	...upToTwelve,
	fifteen: 15,
	eighteen: 18,
	twenty: 20,
	'twenty-four': 24,
	'twenty-five': 25,
	thirty: 30,
	'thirty-five': 35,
	forty: 40,
	'forty-five': 45,
	fifty: 50,
	sixty: 60,
	ninety: 90,
	half: 0.5,
	'half an': 0.5,
	'half a': 0.5,
	'a quarter of an': 0.25,
	'three quarters of an': 0.75,
	'a couple of': 2,
	'a few': 4,
	another: 1
};
const fractions: Readonly<Record<string, number>> = {
	'½': 0.5,
	'¼': 0.25,
	'¾': 0.75,
	'⅓': 1 / 3,
	'⅔': 2 / 3
};

const spelled = Object.keys(words)
	.sort((a, b) => b.length - a.length)
	.join('|');
const amount = String.raw`(?:\d+(?:[.,]\d+)?\s*[½¼¾⅓⅔]?|\d+\s+\d\/\d|\d\/\d|[½¼¾⅓⅔]|\b(?:${spelled})\b)`;
const unit = String.raw`(hours?|hrs?|h|minutes?|mins?|min|seconds?|secs?)\b`;
const andHalf = String.raw`(?:\s+and\s+(a\s+half|a\s+quarter|three\s+quarters))?`;
const range = String.raw`(?:\s*(?:-|–|—|to|or)\s*(${amount}))?`;
/** "2 hours", "2 to 3 hours", "1½ h", "an hour and a half", "2 and a half hours". */
const duration = new RegExp(
	String.raw`(${amount})${andHalf}${range}\s*-?\s*${unit}${andHalf}`,
	'giu'
);

function valueOf(text: string): number {
	const plain = text.trim().toLowerCase();
	if (words[plain] !== undefined) return words[plain];
	const mixed = /^(?:(\d+)\s+)?(\d)\/(\d)$/.exec(plain);
	if (mixed) return Number(mixed[1] ?? 0) + Number(mixed[2]) / Number(mixed[3]);
	const fraction = /[½¼¾⅓⅔]/.exec(plain)?.[0];
	const whole = plain
		.replace(/[½¼¾⅓⅔]/, '')
		.replace(',', '.')
		.trim();
	return (whole === '' ? 0 : Number(whole)) + (fraction ? fractions[fraction] : 0);
}

const half = (text: string | undefined): number =>
	text === undefined ? 0 : /half/.test(text) ? 0.5 : /three/.test(text) ? 0.75 : 0.25;

const inMinutes = (unitWord: string): number =>
	/^h/i.test(unitWord) ? 60 : /^s/i.test(unitWord) ? 1 / 60 : 1;

interface Said {
	from: number;
	to: number;
	minutes: number;
}

function durationsIn(text: string): Said[] {
	return [...text.matchAll(duration)].map((match) => {
		const [whole, first, half1, second, unitWord, half2] = match;
		const value = valueOf(second ?? first) + half(half1) + half(half2);
		return {
			from: match.index,
			to: match.index + whole.length,
			minutes: value * inMinutes(unitWord)
		};
	});
}

/** What is usual on a packet, minutes (common practice, no source; from memory). */
const packetMin: readonly [RegExp, number][] = [
	[/\b(pasta|macaroni|penne|spaghetti|tagliatelle|lasagne|noodles?)\b/i, 10],
	[/\brice\b/i, 14],
	[/\b(couscous|bulgur)\b/i, 6]
];
const usualPacketMin = 10;
const shortOfPacket =
	/\b(?:short of|less than|under|before)\b[^.]*\b(?:packet|package|pack|box|label)/i;

/**
 * Minutes a sentence says, all of its durations: "2 hours 30 minutes", "an hour and a half", of a range the long end, of "simmer for
 * an hour, then 20 minutes more" both; "2 minutes short of the packet's time" from what packets usually say. How often something is
 * stirred ("every 10 minutes") is no duration. Null when it says none.
 */
export function saidMinutes(sentence: string): number | null {
	const found = durationsIn(sentence).filter(
		({ from }) => !/\b(every|each)\s*$/i.test(sentence.slice(0, from))
	);
	if (shortOfPacket.test(sentence)) {
		const usual = packetMin.find(([food]) => food.test(sentence))?.[1] ?? usualPacketMin;
		return Math.max(1, usual - (found[0]?.minutes ?? 2));
	}
	if (found.length === 0)
		return /\b(?:packet|package)\b/i.test(sentence)
			? (packetMin.find(([food]) => food.test(sentence))?.[1] ?? null)
			: null;
	let sum = 0;
	let last: Said | null = null;
	for (const one of found) {
		const between: string = last ? sentence.slice(last.to, one.from) : '';
		// "45 minutes to 1 hour" and "8 minutes or 10 minutes" are ranges
		if (last && /^\s*(-|–|—|to|or|up to)\s*$/i.test(between)) sum += one.minutes - last.minutes;
		else sum += one.minutes;
		last = one;
	}
	return /\b(?:on |per |each )(?:each |a )?side\b/i.test(sentence) ? sum * 2 : sum;
}

/** Minutes of hands in something that goes by itself, by what its words say of stirring and turning; 0 when they say nothing. */
export function tendedMinutes(sentence: string, minutes: number): number {
	const every = /\b(?:stir\w*|turn\w*|bast\w*|shak\w*)\b[^.;]*\bevery\b/i.exec(sentence);
	if (every) {
		const [said] = durationsIn(sentence.slice(every.index));
		return said ? Math.max(1, Math.round(minutes / Math.max(1, said.minutes) / 2)) : 1;
	}
	if (/\bstir\w*\b[^.;]*\b(often|frequently|regularly)\b/i.test(sentence))
		return Math.max(1, Math.round(minutes * 0.1));
	if (
		/\b(stir|turn|bast|shak|toss)(ring|ning|ing)?\b[^.;]*\b(once|twice|halfway|half way|over)\b/i.test(
			sentence
		)
	)
		return 2;
	if (
		/\b(stirring|turning|basting|shaking|tossing)\b/i.test(sentence) &&
		!stirredAllTheTime(sentence)
	)
		return Math.max(1, Math.round(minutes * 0.03));
	return 0;
}

/** Whether its words keep somebody at it. */
export const stirredAllTheTime = (sentence: string): boolean =>
	/\b(stir|whisk)(ring|ing)?\b[^.;]*\b(all the time|constantly|continuously|non-?stop|the whole time)\b|\b(constantly|continuously)\s+(stir|whisk)/i.test(
		sentence
	);
