import {
	foodsCalledLikeWork,
	noWork,
	otherPieces,
	pieceKinds,
	stepVerbs,
	type StepVerb
} from '../published/step-verbs.ts';
import { saidMinutes, stirredAllTheTime, tendedMinutes } from './said-minutes.ts';
import { linesNamed } from './step-items.ts';
import { hotPlaces, type DishStep, type StepLine, type StepPlace } from './step.ts';

/** A piece of a method's sentence as work; `after` is not known yet. */
export interface MethodStep extends Omit<DishStep, 'after'> {
	kind: StepVerb['kind'] | null;
	/** begins beside what comes before it: "meanwhile" */
	meanwhile: boolean;
}

const abbreviated = /\b(min|mins|hr|hrs|approx|ca|tbsp|tsp|oz|lb|no|e\.g|i\.e)\.\s+/gi;
/** Stands for the full stop of an abbreviation while sentences are told apart. */
const dot = '\u0001';

/** The sentences of a method, numbers of a list taken off. */
export function sentencesOf(method: string): string[] {
	return method
		.replace(abbreviated, (_, word: string) => `${word}${dot} `)
		.split(/(?<=[.!?;])\s+|\n+/)
		.map((sentence) =>
			sentence
				.replaceAll(dot, '.')
				.trim()
				.replace(/^(?:step\s*)?\d{1,2}\s*[.):]\s*/i, '')
				.replace(/[.;!]$/, '')
				.trim()
		)
		.filter((sentence) => /\p{L}{2}/u.test(sentence));
}

/** What may stand before a verb that is work: nothing, an adverb, "and", "then", "to", or a phrase that ended with a comma. */
const lead =
	'(?:^|[,;:]\\s*|\\b(?:and|then|or|to|now|next|finally|first|meanwhile|gently|slowly|quickly|lightly|briefly|carefully|immediately|again|just|also|must|should|can)\\s+)';

const matchers = stepVerbs.map((verb) => ({
	verb,
	words: new RegExp(`${lead}(?:${verb.words.source})\\b`, 'i')
}));
const ownVerbs = stepVerbs.filter(({ own }) => own).map(({ words }) => words.source);
/** A comma or "and" before a verb that begins another step. */
const nextStep = new RegExp(
	`(?:,\\s+(?:and\\s+)?(?:then\\s+)?|\\s+and\\s+(?:then\\s+)?|,?\\s+then\\s+)(?=(?:(?:gently|slowly|quickly|lightly|briefly)\\s+)?(?:${ownVerbs.join('|')})\\b)`,
	'i'
);

/** Foods that are called like work do not read as work. */
const masked = (text: string) =>
	text.replace(foodsCalledLikeWork, (found) => found.replace(/\p{L}/gu, '·'));

/** A sentence in its pieces of work: "Brown the lamb, soften the onions and simmer" are three. */
function pieces(sentence: string): string[] {
	const found: string[] = [];
	let rest = sentence;
	for (;;) {
		const at = nextStep.exec(masked(rest));
		if (!at) return [...found, rest];
		found.push(rest.slice(0, at.index));
		rest = rest.slice(at.index + at[0].length);
	}
}

/** The verb that leads a piece: the heaviest one at which somebody is told to do something. */
function verbOf(piece: string): StepVerb | null {
	const text = masked(piece).replace(
		/^(?:in|on|over|into|using|with|when|once|after)\b[^,]*,\s*/i,
		''
	);
	return matchers.find(({ words }) => words.test(text))?.verb ?? null;
}

/** An appliance the words name. */
function applianceIn(text: string): StepPlace | null {
	if (/\bpressure[- ]?cook/i.test(text)) return 'pressure-cooker';
	if (/\bslow[- ]?cook/i.test(text)) return 'slow-cooker';
	if (/\bmicrowave/i.test(text)) return 'microwave';
	if (/\b(?:in|into|to)\s+(?:the|a|your)\s+(?:hot\s+|preheated\s+|warm\s+)?oven\b/i.test(text))
		return 'oven';
	if (/\bon (?:low|high)\b(?!\s+heat)/i.test(text) && (saidMinutes(text) ?? 0) >= 120)
		return 'slow-cooker';
	if (/\b(?:pan|pot|saucepan|skillet|hob|stove)\b/i.test(text)) return 'burner';
	return null;
}

/** Degrees a piece names, °C. */
function degreesC(text: string): number | null {
	const found = /\b(\d{2,3})\s*(?:°|º|degrees)?\s*([CF])\b/.exec(text);
	if (found) return found[2] === 'F' ? Math.round((Number(found[1]) - 32) / 1.8) : Number(found[1]);
	const bare = /\b(1[0-9]0|2[0-5]0)\s*(?:°|º|degrees)/.exec(text);
	return bare ? Number(bare[1]) : null;
}

/** Numbers of pieces as they are written out. */
const countWords: Readonly<Record<string, number>> = {
	six: 6,
	eight: 8,
	ten: 10,
	twelve: 12,
	sixteen: 16,
	eighteen: 18,
	twenty: 20,
	'twenty-four': 24,
	thirty: 30,
	'thirty-six': 36,
	forty: 40,
	'forty-eight': 48,
	fifty: 50,
	sixty: 60
};
const countedPieces = pieceKinds.map(({ words, ...kind }) => ({
	kind,
	words: new RegExp(
		`\\b(\\d{1,3}|${Object.keys(countWords).join('|')})\\s+(?:\\p{L}+\\s+){0,2}?(${words.source})\\b`,
		'iu'
	)
}));

/** Pieces a sentence makes: "into forty meatballs", "12 patties", with the word for one kind of them; null when it says none. */
export function piecesSaid(
	text: string
): { count: number; name: string; shapeMin: number; perTray: number } | null {
	for (const { kind, words } of countedPieces) {
		const found = words.exec(text);
		if (!found) continue;
		const count = countWords[found[1].toLowerCase()] ?? Number(found[1]);
		if (count >= 2) return { count, name: found[2].toLowerCase(), ...kind };
	}
	return null;
}

const atLeastOne = (minutes: number) => Math.max(1, Math.round(minutes));
const meanwhile = /^(?:meanwhile|in the meantime|at the same time)\b,?\s*/i;

/**
 * A method read: every sentence is work, divided where other hands or another place begin, with all the minutes it says and the hands
 * that stirring and turning take. A step without a known verb takes two minutes of hands where the one before it stands. `makes` is
 * how many pieces a batch gives, when the dish says so.
 */
export function readMethod(
	method: string,
	lines: readonly StepLine[],
	makes: number | null = null
): MethodStep[] {
	const found: MethodStep[] = [];
	const context: Context = {
		place: 'bowl',
		appliance: 'burner',
		count: makes,
		perTray: otherPieces.perTray
	};
	for (const sentence of sentencesOf(method)) {
		if (noWork.test(sentence)) continue;
		const told = sentence.replace(meanwhile, '');
		pieces(told).forEach((piece, i) => {
			const text = piece.trim();
			if (text.length < 3) return;
			const step = stepOf(text, context);
			found.push({
				...step,
				...(text !== sentence && { sentence }),
				meanwhile: i === 0 && told !== sentence
			});
		});
	}
	// what the lines say of cutting is on the board already
	return found.filter(
		({ kind, text }) => kind !== 'cut' || linesNamed(text, lines).every(({ cut }) => cut === '')
	);
}

/** What the sentences before say of this one. */
interface Context {
	/** where the last step stood */
	place: StepPlace;
	/** the last appliance that was named: "cook for eight hours" is meant for it */
	appliance: StepPlace;
	/** pieces a batch makes */
	count: number | null;
	/** of these, on a tray */
	perTray: number;
}

/** One piece of work; what it says for the next is kept in `context`. */
function stepOf(text: string, context: Context): Omit<MethodStep, 'meanwhile'> {
	const verb = verbOf(text);
	const kind = verb?.kind ?? null;
	const named = applianceIn(text);
	const said = saidMinutes(text);
	const closed = named !== null && named !== 'burner';
	if (closed || (named && verb?.place === 'appliance')) context.appliance = named;
	const place = placeOf(verb, closed ? named : null, said, context);
	const made = piecesSaid(text);
	context.count = made?.count ?? context.count;
	context.perTray = made?.perTray ?? context.perTray;
	const shaped = kind === 'shape' ? context.count : null;
	const shapeMin = shaped === null ? null : shaped * (made?.shapeMin ?? otherPieces.shapeMin);
	const minutes = atLeastOne(shapeMin ?? said ?? verb?.minutes ?? 2);
	const hands = stirredAllTheTime(text) || needsHands(verb, place, said);
	const tendMin = hands ? 0 : tendedMinutes(text, minutes);
	const ovenC = place === 'oven' ? degreesC(text) : null;
	const inPieces = kind !== 'preheat' && (made !== null || shaped !== null || place === 'oven');
	if (place !== 'none' && kind !== 'preheat') context.place = place;
	return {
		text: text.charAt(0).toUpperCase() + text.slice(1),
		minutes,
		perBatchMin: shapeMin !== null ? minutes : Math.min(minutes, verb?.perBatchMin ?? 1),
		hands,
		...(tendMin > 0 && { tendMin }),
		place,
		...(ovenC !== null && { ovenC }),
		...(kind === 'preheat' && { heats: true }),
		...(inPieces &&
			context.count !== null && {
				pieces: context.count,
				...(place === 'oven' && { perTray: context.perTray })
			}),
		kind
	};
}

/** `closed`: an appliance with a lid or a door that the words name. */
function placeOf(
	verb: StepVerb | null,
	closed: StepPlace | null,
	said: number | null,
	context: Context
): StepPlace {
	const own = verb?.place ?? 'as-before';
	if (own === 'appliance') return context.appliance;
	if (own === 'as-before') {
		if (closed && said !== null) return closed;
		return context.place === 'burner' ? 'burner' : 'bowl';
	}
	return own === 'burner' && closed && !verb?.hands ? closed : own;
}

function needsHands(verb: StepVerb | null, place: StepPlace, said: number | null): boolean {
	if (!verb) return true;
	if (verb.place === 'as-before')
		return !(said !== null && place !== 'burner' && hotPlaces.has(place));
	return verb.hands;
}
