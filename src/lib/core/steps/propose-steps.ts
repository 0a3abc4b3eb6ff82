import { hygieneOf, isRawMeatClass } from '../foods/raw-animal.ts';

/** What a piece of work needs beside time. */
export const stepPlaces = [
	'board',
	'burner',
	'oven',
	'pressure-cooker',
	'slow-cooker',
	'microwave',
	'bowl',
	'sink',
	'none'
] as const;
export type StepPlace = (typeof stepPlaces)[number];

/** One piece of work of a dish, for one batch. */
export interface DishStep {
	text: string;
	minutes: number;
	/** of these, minutes that grow with each further batch */
	perBatchMin: number;
	hands: boolean;
	place: StepPlace;
	/** places in the list of the steps it waits for */
	after: number[];
	ovenC?: number;
}

export interface StepLine {
	itemName: string | null;
	/** what the cook calls it; its catalogue name where that is not said */
	item?: string;
	cut: string;
	massKg: number | null;
	stage: string;
	form?: string | null;
}

/** Minutes a kilogram takes on the board, by cut (judgement). */
const cutMinPerKg: [RegExp, number][] = [
	[/minced|crushed|finely/, 14],
	[/diced|cubed|cubes/, 9],
	[/grated|shredded/, 10],
	[/chopped|sliced|strips|rings|slices/, 7],
	[/peeled|halved|quartered|pieces/, 5]
];
const leastMin = 1;

/** Minutes a kilogram of a line takes on the board; null when it is not cut, or is called after its cut ("minced lamb" comes minced). */
export function cutRateMinPerKg({
	cut,
	itemName
}: Pick<StepLine, 'cut' | 'itemName'>): number | null {
	if ((itemName ?? '').includes(cut)) return null;
	return cutMinPerKg.find(([words]) => words.test(cut))?.[1] ?? null;
}

/** Verbs of a method, what they need and how long they take when the words do not say (judgement). */
const verbs: {
	words: RegExp;
	place: StepPlace;
	minutes: number;
	perBatchMin: number;
	hands: boolean;
}[] = [
	{
		words: /\bpressure[- ]?cook/i,
		place: 'pressure-cooker',
		minutes: 45,
		perBatchMin: 10,
		hands: false
	},
	{
		words: /\bslow[- ]?cook|\bon (low|high)\b/i,
		place: 'slow-cooker',
		minutes: 420,
		perBatchMin: 0,
		hands: false
	},
	{ words: /\b(bake|roast|oven)/i, place: 'oven', minutes: 40, perBatchMin: 5, hands: false },
	{ words: /\bmicrowave/i, place: 'microwave', minutes: 5, perBatchMin: 4, hands: false },
	{
		words: /\b(brown|sear|fry|sauté|soften|sweat)/i,
		place: 'burner',
		minutes: 12,
		perBatchMin: 8,
		hands: true
	},
	{ words: /\b(simmer|stew|braise)/i, place: 'burner', minutes: 45, perBatchMin: 5, hands: false },
	{
		words: /\b(boil|poach|blanch|cook)/i,
		place: 'burner',
		minutes: 15,
		perBatchMin: 4,
		hands: false
	},
	{
		words: /\b(mix|stir|combine|whisk|fold|toss|season|mash|layer|fill|spread|assemble)/i,
		place: 'bowl',
		minutes: 4,
		perBatchMin: 2,
		hands: true
	},
	{ words: /\b(drain|rinse|wash|soak)/i, place: 'sink', minutes: 3, perBatchMin: 1, hands: true }
];

/** "Brown the lamb, soften the onions and simmer": a comma or "and" before another verb begins another step. */
const nextVerb =
	/(?:,\s+(?:and\s+)?|\s+and\s+)(?=(?:brown|sear|fry|sauté|soften|sweat|simmer|stew|braise|boil|poach|blanch|bake|roast|drain|rinse|mash)\b)/i;

const said =
	/(\d+(?:[.,]\d+)?)(?:\s*(?:-|–|to)\s*(\d+(?:[.,]\d+)?))?\s*(hours?|hrs?|h|minutes?|mins?)\b/i;

/** Minutes a sentence names, the long end of a range; null when it names none. */
function minutesSaid(sentence: string): number | null {
	const match = said.exec(sentence);
	if (!match) return null;
	const value = Number((match[2] ?? match[1]).replace(',', '.'));
	return /^h/i.test(match[3]) ? value * 60 : value;
}

/** The cooking time a recipe gives, as a step has it. */
export interface ToldCooking {
	place: StepPlace;
	minutes: number;
	ovenC?: number;
}

/** What the recipe says of its cooking is put on the step that cooks longest by itself, unless that step's words say minutes. */
function withTold(steps: DishStep[], told: ToldCooking): DishStep[] {
	const alone = steps.map((step, i) => ({ step, i })).filter(({ step }) => isCooking(step));
	const longest = alone.sort((a, b) => b.step.minutes - a.step.minutes)[0];
	if (!longest) return steps;
	if (minutesSaid(longest.step.text) !== null) return steps;
	return steps.map((step, i) => (i === longest.i ? { ...step, ...told } : step));
}

const isCooking = (step: Pick<DishStep, 'hands' | 'place'>) =>
	!step.hands && ['burner', 'oven', 'pressure-cooker', 'slow-cooker'].includes(step.place);

/**
 * Steps read from a dish's lines and method: what is cut on the board first, then each sentence of the method by its verb, in
 * their order, with the time the recipe tells (`told`); cooked dishes are cooled at the end by a run of their own, so that is not a step. All of it is a proposal.
 */
export function proposeSteps(input: {
	lines: readonly StepLine[];
	method: string;
	told?: ToldCooking | null;
	/** a raw pack is cooked on another day: what cooks by itself is no work of this one */
	state?: 'raw' | 'cooked';
}): DishStep[] {
	const steps: DishStep[] = [];
	for (const line of input.lines) {
		if (!line.itemName || line.stage === 'serve' || line.stage === 'cook-day') continue;
		// what comes in a can comes chopped
		if (line.form === 'canned') continue;
		const rate = cutRateMinPerKg(line);
		if (rate === null) continue;
		const raw = isRawMeatClass(hygieneOf(line.itemName));
		const minutes = Math.max(leastMin, Math.round((line.massKg ?? 0.1) * rate * (raw ? 1.3 : 1)));
		steps.push({
			text: `${(line.item || line.itemName).replace(/,/g, '')}, ${line.cut}`,
			minutes,
			perBatchMin: minutes,
			hands: true,
			place: 'board',
			after: []
		});
	}
	const board = steps.map((_, i) => i);
	const sentences = input.method
		.split(/(?<=[.!?;])\s+|\n+|,? then /)
		.flatMap((sentence) => sentence.split(nextVerb))
		.map((sentence) => sentence.trim().replace(/[.;]$/, ''))
		.filter((sentence) => sentence.length > 2);
	for (const sentence of sentences) {
		const verb = verbs.find(({ words }) => words.test(sentence));
		if (!verb || (input.state === 'raw' && isCooking(verb))) continue;
		const minutes = minutesSaid(sentence);
		const previous = steps.length - 1;
		const degrees = /\b(\d{2,3})\s*(?:°|º|degrees)?\s*([CF])\b/.exec(sentence);
		steps.push({
			text: sentence,
			minutes: minutes ?? verb.minutes,
			perBatchMin: verb.perBatchMin,
			hands: verb.hands,
			place: verb.place,
			after: previous >= board.length ? [previous] : board,
			...(verb.place === 'oven' && degrees
				? {
						ovenC:
							degrees[2] === 'F' ? Math.round((Number(degrees[1]) - 32) / 1.8) : Number(degrees[1])
					}
				: {})
		});
	}
	return input.told ? withTold(steps, input.told) : steps;
}

/** Minutes of a step for so many batches. */
export const stepMin = (step: Pick<DishStep, 'minutes' | 'perBatchMin'>, batches: number): number =>
	step.minutes + step.perBatchMin * (batches - 1);

/** Minutes of hands' work of a dish. */
export const handsMin = (steps: readonly DishStep[], batches: number): number =>
	steps.reduce((sum, step) => sum + (step.hands ? stepMin(step, batches) : 0), 0);
