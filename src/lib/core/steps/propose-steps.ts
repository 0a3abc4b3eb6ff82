import { dayWork } from '../published/day-work.ts';
import { comesRaw, hygieneOf, isRawMeatClass } from '../foods/raw-animal.ts';
import { readMethod, type MethodStep } from './read-method.ts';
import { saidMinutes } from './said-minutes.ts';
import { isCooking, isHot, type DishStep, type StepLine, type StepPlace } from './step.ts';
import { linesNamed } from './step-items.ts';

/** Minutes a kilogram takes on the board, by cut (judgement). */
const cutMinPerKg: [RegExp, number][] = [
	[/minced|crushed|finely/, 14],
	[/diced|cubed|cubes/, 9],
	[/grated|shredded/, 10],
	[/chopped|sliced|strips|rings|slices/, 7],
	[/peeled|halved|quartered|pieces/, 5]
];
const leastMin = 1;
/** An oven whose temperature the method does not say, °C (judgement). */
const usualOvenC = 180;

/** Minutes a kilogram of a line takes on the board; null when it is not cut, or is called after its cut ("minced lamb" comes minced). */
export function cutRateMinPerKg({
	cut,
	itemName
}: Pick<StepLine, 'cut' | 'itemName'>): number | null {
	if ((itemName ?? '').includes(cut)) return null;
	return cutMinPerKg.find(([words]) => words.test(cut))?.[1] ?? null;
}

/** The cooking time a recipe gives, as a step has it. */
export interface ToldCooking {
	place: StepPlace;
	minutes: number;
	ovenC?: number;
}

/** What is read of a dish's work. */
export interface ProposedSteps {
	/** on the packing day */
	steps: DishStep[];
	/** sentences for the day it is cooked or served: what is kept back, what comes after the cooking of a raw pack */
	cookDay: string[];
}

const isKept = ({ stage }: StepLine) => stage === 'serve' || stage === 'cook-day';

/**
 * Steps read from a dish's lines and method: what is cut on the board first, then every sentence of the method, with the time the
 * recipe tells (`told`). Heating the oven is a step of its own, proposed where the method forgets it. Cooled and packed is at the
 * end by the day itself, so that is no step; what is added on the cooking day is none either. All of it is a proposal.
 */
export function proposeSteps(input: {
	lines: readonly StepLine[];
	method: string;
	told?: ToldCooking | null;
	/** a raw pack is cooked on another day */
	state?: 'raw' | 'cooked';
	/** pieces a batch makes */
	pieces?: number | null;
}): ProposedSteps {
	const board = boardSteps(input.lines);
	const read = withTold(readMethod(input.method, input.lines, input.pieces), input.told);
	const { today, later } = daysOf(read, input);
	const steps: DishStep[] = board.map(({ step }) => step);
	const named = new Set<number>();
	let previous: number | null = null;
	let oven: number | null = null;
	const heated = new Set<number>();
	const put = ({ kind: _kind, meanwhile: _meanwhile, ...step }: MethodStep, after: number[]) =>
		steps.push({ ...step, after: [...new Set(after)].sort((a, b) => a - b) }) - 1;
	today.forEach((step, i) => {
		if (step.kind === 'preheat') {
			oven = put({ ...step, ovenC: step.ovenC ?? ovenOf(today.slice(i + 1)) }, []);
			return;
		}
		const cut = board.flatMap(({ line }, at) =>
			!named.has(at) && linesNamed(step.text, [line]).length > 0 ? [at] : []
		);
		cut.forEach((at) => named.add(at));
		if (step.place === 'oven' && !step.hands && oven === null) {
			oven = put(heating(step.ovenC ?? usualOvenC), []);
		}
		const inOven = step.place === 'oven' && !step.hands && oven !== null;
		const before = step.meanwhile || previous === null ? [] : [previous];
		const ovenC = inOven ? (step.ovenC ?? steps[oven as number].ovenC) : step.ovenC;
		const at = put({ ...step, ...(ovenC !== undefined && { ovenC }) }, [
			...before,
			...cut,
			...(inOven ? [oven as number] : [])
		]);
		// what goes on beside it is waited for by what comes next
		if (step.meanwhile && previous !== null) {
			heated.add(previous);
		} else if (heated.size > 0 && previous !== null) {
			steps[at].after = [...new Set([...steps[at].after, ...heated])].sort((a, b) => a - b);
			heated.clear();
		}
		previous = at;
	});
	const first = steps.findIndex((step, i) => i >= board.length && !step.heats);
	if (first >= 0) {
		const unnamed = board.map((_, i) => i).filter((i) => !named.has(i));
		steps[first].after = [...new Set([...unnamed, ...steps[first].after])].sort((a, b) => a - b);
	}
	return { steps, cookDay: later };
}

function boardSteps(lines: readonly StepLine[]): { line: StepLine; step: DishStep }[] {
	return lines.flatMap((line) => {
		// what comes in a can comes chopped
		if (!line.itemName || isKept(line) || line.form === 'canned') return [];
		const rate = cutRateMinPerKg(line);
		if (rate === null) return [];
		const raw = isRawMeatClass(hygieneOf(line.itemName));
		const minutes = Math.max(leastMin, Math.round((line.massKg ?? 0.1) * rate * (raw ? 1.3 : 1)));
		const text = `${(line.item || line.itemName).replace(/,/g, '')}, ${line.cut}`;
		const step: DishStep = {
			text,
			minutes,
			perBatchMin: minutes,
			hands: true,
			place: 'board',
			after: []
		};
		return [{ line, step }];
	});
}

const heating = (ovenC: number): MethodStep => ({
	text: 'Heat the oven',
	minutes: dayWork.preheatMin,
	perBatchMin: 0,
	hands: false,
	place: 'oven',
	ovenC,
	heats: true,
	kind: 'preheat',
	meanwhile: false
});

/** The temperature of the next thing that goes into the oven. */
const ovenOf = (rest: readonly MethodStep[]): number =>
	rest.find((step) => step.place === 'oven' && step.ovenC !== undefined)?.ovenC ?? usualOvenC;

/** What the recipe says of its cooking is put on the step that cooks longest by itself, unless that step's words say minutes. */
function withTold(steps: MethodStep[], told: ToldCooking | null | undefined): MethodStep[] {
	if (!told) return steps;
	let longest = -1;
	steps.forEach((step, i) => {
		if (isCooking(step) && (longest < 0 || step.minutes > steps[longest].minutes)) longest = i;
	});
	if (longest < 0 || saidMinutes(steps[longest].text) !== null) return steps;
	return steps.map((step, i) => (i === longest ? { ...step, ...told } : step));
}

const onTheDay =
	/\b(?:on the day|when you (?:cook|eat|serve)|to serve|before serving|at the table|once (?:thawed|reheated))\b/i;
const slowOrShut: ReadonlySet<StepPlace> = new Set<StepPlace>([
	'oven',
	'slow-cooker',
	'pressure-cooker'
]);

/** What is done on the packing day, and what is left for the day of cooking. */
function daysOf(
	read: readonly MethodStep[],
	{ lines, state }: Parameters<typeof proposeSteps>[0]
): { today: MethodStep[]; later: string[] } {
	const later: string[] = [];
	const today: MethodStep[] = [];
	let cookedLater = state === 'raw' ? firstCookDay(read, lines) : Infinity;
	read.forEach((step, i) => {
		if (step.kind === 'closing') return;
		const heatsForLater =
			step.kind === 'preheat' &&
			read.slice(i + 1).findIndex((next) => next.place === 'oven') + i + 1 >= cookedLater;
		const named = linesNamed(step.text, lines);
		const keptOnly = named.length > 0 && named.every(isKept);
		if (
			i >= cookedLater ||
			heatsForLater ||
			step.kind === 'cook-day' ||
			keptOnly ||
			onTheDay.test(step.text)
		) {
			const words = step.sentence ?? step.text;
			if (!later.includes(words)) later.push(words);
			if (i < cookedLater && state === 'raw' && step.kind === 'cook-day') cookedLater = i;
			return;
		}
		today.push(step);
	});
	return { today, later };
}

/** Where the cooking of a raw pack begins: with raw meat on the heat, or with what cooks the whole dish. */
function firstCookDay(read: readonly MethodStep[], lines: readonly StepLine[]): number {
	const rawMeat = read.findIndex(
		(step) =>
			isHot(step) &&
			linesNamed(step.text, lines).some(
				({ itemName, form }) => comesRaw(form) && isRawMeatClass(hygieneOf(itemName))
			)
	);
	const alone = read.map((step, i) => (isCooking(step) ? i : -1)).filter((i) => i >= 0);
	const main =
		alone.filter((i) => slowOrShut.has(read[i].place)).at(-1) ?? alone.at(-1) ?? Infinity;
	return Math.min(rawMeat < 0 ? Infinity : rawMeat, main);
}
