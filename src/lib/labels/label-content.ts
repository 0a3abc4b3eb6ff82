import * as w from '../present/wording/index.ts';
import type { CookCard } from '../core/serving/index.ts';
import { type Nutrition, roundedNutrition } from '../core/foods/index.ts';
import type { CookOption } from '../core/cooking/index.ts';
import { methodOnLabel } from '../present/wording/codes/words.ts';
import { dayText, durationText } from '../present/time.ts';
import { lengthText, massText, tempText, volumeText, type Habit } from '../present/units.ts';

export interface LabelPack {
	code: string;
	number: number;
	of: number;
	dishName: string;
	packedOn: string;
	/** null: not to be printed, because nobody knows it */
	dayKnown: 'day' | 'about' | 'unknown';
	bestBy: string | null;
	servings: number;
	/** what is in it, where it comes in pieces */
	pieces?: { count: number; name: string } | null;
	massKg: number;
	thicknessM: number;
	state: 'raw' | 'cooked';
	coreC: number;
	/** at which it is tender, where that is more than safe */
	tenderC?: number | null;
	allergens: readonly string[];
	/** false: something in it nobody could read */
	allergensKnown?: boolean;
	addOnDay: string;
	serveWith: readonly string[];
	nutrition?: Nutrition | null;
	card: Pick<CookCard, 'options'> | null;
	/** its label is printed before it is filled: the day is written in by hand */
	ahead: boolean;
}

/** What a line of a label is about; the screen says by these names what did not fit. */
export type LabelPart =
	| 'name'
	| 'best-by'
	| 'contents'
	| 'allergens'
	| 'cooking'
	| 'on-the-day'
	| 'done'
	| 'caution'
	/** the ways that are not among the best */
	| 'other-ways'
	| 'packed'
	| 'serve-with'
	| 'nutrition';

/** What a label says, as text; where it stands is `labelLayout`'s business. Empty texts are left out. */
export interface LabelContent {
	name: string;
	bestBy: string;
	/** raw food says so large; empty otherwise */
	raw: string;
	contents: string;
	packed: string;
	/** drawn as a pack from the side; null: not known */
	slab: { thicknessM: number; text: string } | null;
	code: string;
	cookHead: [string, string, string];
	/** appliance with its liquid, from frozen, thawed; the best way first */
	cookRows: [string, string, string][];
	onDay: string;
	serveWith: string;
	allergens: string;
	/** the temperature in the middle */
	done: string;
	caution: string;
	nutrition: string;
}

/** The words and figures of one pack's label, from what was kept when it was packed. */
export function labelContent(pack: LabelPack, habit: Habit): LabelContent {
	const day = pack.dayKnown === 'unknown' || pack.ahead ? '' : dayText(pack.packedOn, habit);
	return {
		name: pack.dishName,
		bestBy: pack.ahead
			? w.labelContent.bestBy({ day: w.labelContent.byHand })
			: pack.bestBy
				? w.labelContent.bestBy({ day: dayText(pack.bestBy, habit) })
				: w.labelContent.useFirst,
		raw: pack.state === 'raw' ? w.labelContent.raw : '',
		contents: w.labelContent.contents({
			state: pack.state === 'raw' ? '' : pack.state,
			servings: pack.servings,
			pieces: pack.pieces ? `${pack.pieces.count} ${pack.pieces.name}` : '',
			mass: massText(pack.massKg, habit),
			number: pack.number,
			of: pack.of
		}),
		packed: pack.ahead
			? w.labelContent.packed({ day: w.labelContent.byHand })
			: day &&
				w.labelContent.packed({
					day: pack.dayKnown === 'about' ? w.labelContent.about({ day }) : day
				}),
		slab: { thicknessM: pack.thicknessM, text: lengthText(pack.thicknessM, habit) },
		nutrition: pack.nutrition ? nutritionText(roundedNutrition(pack.nutrition)) : '',
		code: pack.code,
		cookHead: ['', w.labelContent.frozen, w.labelContent.thawed],
		cookRows: pack.card ? cookRows(pack.card.options, habit) : [],
		onDay: pack.addOnDay ? w.labelContent.onTheDay({ amounts: pack.addOnDay }) : '',
		serveWith: pack.serveWith.length
			? w.labelContent.serveWith({ what: pack.serveWith.join(', ') })
			: '',
		allergens: containsText(pack),
		done: `${doneText(pack, habit)}.`,
		caution: w.labelContent.caution
	};
}

/** "Done at 74 °C in the middle"; a roast is safe at one temperature and tender at another. */
const doneText = ({ coreC, tenderC = null }: LabelPack, habit: Habit) =>
	tenderC !== null && tenderC > coreC
		? w.labelContent.safeAndTender({
				safe: tempText(coreC, habit),
				tender: tempText(tenderC, habit)
			})
		: w.labelContent.doneAt({ tempC: tempText(coreC, habit) });

/** What is in it, and first that more may be: nobody reads an empty place, or a line cut short, as "nothing". */
function containsText({ allergens, allergensKnown = true }: LabelPack): string {
	const named = allergens.length
		? w.labelContent.contains({ allergens: allergens.join(', ') })
		: '';
	return [allergensKnown ? '' : w.labelContent.notAllKnown, named].filter(Boolean).join('. ');
}

const nutritionText = (n: Nutrition) =>
	w.labelContent.nutrition({
		energyKj: n.energyKj,
		energyKcal: n.energyKcal,
		proteinG: n.proteinG,
		fatG: n.fatG,
		carbohydrateG: n.carbohydrateG
	});

/** A label of a test print: its number, and the offset it was printed with. */
export const testLabel = (number: number, offset: { xMm: number; yMm: number }): LabelContent => ({
	...blankLabel(`T${number}`),
	name: w.labelContent.testName({ n: number }),
	bestBy: w.labelContent.testOffset({ x: offset.xMm, y: offset.yMm }),
	contents: '',
	packed: '',
	onDay: '',
	allergens: ''
});

/** A label to be written by hand: its lines are there, and its code. */
export const blankLabel = (code: string): LabelContent => ({
	name: w.labelContent.longByHand,
	bestBy: w.labelContent.bestBy({ day: w.labelContent.byHand }),
	raw: '',
	contents: w.labelContent.blankContents,
	slab: null,
	packed: w.labelContent.packed({ day: w.labelContent.byHand }),
	code,
	cookHead: ['', '', ''],
	cookRows: [],
	onDay: w.labelContent.onTheDay({ amounts: w.labelContent.longByHand }),
	serveWith: '',
	allergens: w.labelContent.contains({ allergens: w.labelContent.longByHand }),
	done: '',
	caution: '',
	nutrition: ''
});

/** Worse with each: a way that is good from frozen and thawed stands first. */
const worth: Readonly<Record<CookOption['advice'], number>> = { good: 0, caution: 1, refused: 3 };
const worthOf = (option: CookOption | undefined) => (option ? worth[option.advice] : 3);

function cookRows(options: readonly CookOption[], habit: Habit): [string, string, string][] {
	const ways = new Map<string, { thawed?: CookOption; frozen?: CookOption }>();
	for (const option of options) {
		const name = methodOnLabel(option.method, habit);
		ways.set(name, { ...ways.get(name), [option.state]: option });
	}
	return [...ways]
		.sort(
			([, a], [, b]) =>
				worthOf(a.frozen) + worthOf(a.thawed) - worthOf(b.frozen) - worthOf(b.thawed)
		)
		.map(([name, way]) => [
			`${name}${liquidOf(way, habit)}`,
			cookCell(way.frozen, way.thawed),
			cookCell(way.thawed)
		]);
}

/** The liquid to put in first: the more of both, which does for either. */
function liquidOf(
	{ frozen, thawed }: { thawed?: CookOption; frozen?: CookOption },
	habit: Habit
): string {
	const litres = Math.max(
		...[frozen, thawed].map((option) => (option?.setMin ? option.addLiquidL : 0))
	);
	if (litres <= 0) return '';
	const amount = volumeText(litres, habit);
	return (frozen ?? thawed)?.method.appliance === 'slow-cooker'
		? w.labelContent.hotLiquid({ amount })
		: w.labelContent.liquidFirst({ amount });
}

/** The long end, which is what is set; a word where it is as the household's own cooks taught, a star where care is needed; where it is refused, why in two or three words. */
function cookCell(option: CookOption | undefined, thawed?: CookOption): string {
	if (!option) return '';
	if (!option.setMin) {
		const why = option.reasons.flatMap(({ code }) => w.labelContent.no[code] ?? [])[0];
		const goesThawed = thawed?.setMin && thawed.advice !== 'refused';
		return goesThawed ? w.labelContent.thawFirst : w.labelContent.noBecause({ why: why ?? '' });
	}
	const own = option.reasons.some(({ code }) => code === 'own-pace' || code === 'own-minutes');
	const marks = [own ? w.labelContent.own : '', option.advice === 'caution' ? '*' : ''];
	return [durationText(option.setMin.to), ...marks].filter(Boolean).join(' ');
}
