import * as core from './index.ts';

/**
 * The public face as others call it: this file compiles only while every function takes these questions and gives these answers. Nothing
 * of it runs. Units stand in the names; a time that is never reached is null.
 */
type Gives<F, Answer> = F extends (...asked: never[]) => infer Given
	? Given extends Answer
		? true
		: never
	: never;
type Takes<F, Question extends unknown[]> = F extends (...asked: infer Asked) => unknown
	? Question extends Asked
		? true
		: never
	: never;

type Series = ArrayLike<number>;
type Food = {
	composition: Record<'water' | 'protein' | 'fat' | 'carbohydrate' | 'fibre' | 'ash', number>;
	freezingC?: number;
	mobility?: number;
	cookedGain?: number;
};
type Shape =
	| { kind: 'slab'; thicknessM: number }
	| { kind: 'brick'; lengthM: number; widthM: number; heightM: number }
	| { kind: 'cylinder'; diameterM: number; heightM: number }
	| { kind: 'sphere'; diameterM: number };
type Kitchen = { altitudeM: number; roomC: number };
type Piece = {
	food: Food;
	shape: Shape;
	count?: number;
	startC: number;
	liquidKg: number;
	liquidC?: number;
};
type Method =
	| { appliance: 'slow-cooker'; setting: 'low' | 'high' }
	| { appliance: 'pressure-cooker'; release?: 'natural' | 'quick' }
	| { appliance: 'oven'; ovenC: number; covered: boolean }
	| { appliance: 'hob'; level: 'low' | 'medium' | 'high' }
	| { appliance: 'microwave'; powerW: number }
	| { appliance: 'fan-oven'; ovenC: number }
	| { appliance: 'water-bath'; bathC: number; circulated: boolean }
	| { appliance: 'steamer' }
	| { appliance: 'grill' };
type Spread = { from: number; likely: number; to: number };
type Option = {
	method: Method;
	state: 'thawed' | 'frozen';
	setMin: Spread | null;
	totalMin: Spread | null;
	computedMin: Spread | null;
	goodUntilMin: number | null;
	coreEndC: number | null;
	hazardH: { likely: number; worst: number } | null;
	addLiquidL: number;
	fill01: number;
	blockFits: boolean | null;
	advice: 'good' | 'caution' | 'refused';
	reasons: { code: string; values?: Record<string, number> }[];
	preheatMin?: number;
};
type Convert = {
	kind:
		'tough-cut' | 'braised-pieces' | 'lean-pieces' | 'fish' | 'meat-in-sauce' | 'assembled-bake';
	food: Food;
	massKg: number;
	block: Shape;
	blockCount?: number;
	arrangement?: 'side-by-side' | 'stacked';
	thawed?: { shape: Shape; count: number; food?: Food; liquidKg?: number };
	pan?: { shape: Shape; food?: Food };
	content: 'raw-meat' | 'cooked' | 'plain';
	coreC: number;
	liquidKg: number;
	known: {
		method: Method;
		state: 'thawed' | 'frozen';
		startC?: number;
		minutes: { from: number; to: number };
	} | null;
	reheat?: boolean;
	methods?: Method[];
	slowCooker?: {
		volumeL: number;
		effectiveLowW?: number;
		effectiveHighW?: number;
		lossWPerK?: number;
	};
	pressureCooker?: { volumeL: number; powerW?: number; gaugeKPa?: number };
	kitchen: Kitchen;
};
type CookRun = {
	outcome: 'finished' | 'stepLimit';
	minutes: Series;
	liquidC: Series;
	coldestC: Series;
	warmestC: Series;
	meanC: Series;
	coldestCookMin: Series;
	meanCookMin: Series;
	lethality70Min: number;
	hazardH: number;
};
type Place =
	| { place: 'counter' | 'cold-water' | 'refrigerator' | 'freezer'; durationMin?: number }
	| { place: 'ice-bath'; durationMin?: number; iceKg?: number; waterKg?: number };
type Part = { group: 'soup-stew' | 'ground-meat' | 'soft-dairy'; state: 'raw' | 'cooked' };
type Task = {
	id: string;
	durationMin: number;
	after?: string[];
	uses?: Record<string, number>;
	maxWaitMin?: number;
	hygiene?: 'ready-to-eat' | 'raw-vegetable' | 'raw-egg' | 'raw-poultry' | 'raw-meat-fish';
	ovenC?: number;
	fixedStartMin?: number;
};

export const answers: readonly true[] = [
	true satisfies Gives<
		typeof core.convertCook,
		{ targetCookMin: { from: number; to: number }; options: Option[] }
	>,
	true satisfies Takes<typeof core.convertCook, [Convert]>,
	true satisfies Gives<typeof core.runSlowCooker, CookRun>,
	true satisfies Takes<
		typeof core.runSlowCooker,
		[
			{
				piece: Piece;
				cooker: { volumeL: number };
				setting: 'low' | 'high';
				kitchen: Kitchen;
				durationMin: number;
				zK: number;
				delayMin?: number;
				warmMin?: number;
			}
		]
	>,
	true satisfies Gives<typeof core.runPressureCooker, CookRun>,
	true satisfies Takes<
		typeof core.runPressureCooker,
		[
			{
				piece: Piece;
				cooker: { volumeL: number };
				kitchen: Kitchen;
				holdMin: number;
				release: 'natural' | 'quick';
				zK: number;
			}
		]
	>,
	true satisfies Gives<typeof core.runOven, CookRun>,
	true satisfies Takes<
		typeof core.runOven,
		[
			{
				piece: Piece;
				kind: 'roaster' | 'filled';
				covered: boolean;
				ovenC: number;
				fan?: boolean;
				kitchen: Kitchen;
				durationMin: number;
				zK: number;
			}
		]
	>,
	true satisfies Gives<
		typeof core.predictCooling,
		{
			minutes: Series;
			warmestC: Series;
			to21Min: number | null;
			to5Min: number | null;
			rule: 'two-stage' | 'four-hours';
			verdict: 'pass' | 'at-risk' | 'fail';
			failed: null | 'to21' | 'to5';
			iceNeededKg: number | null;
		}
	>,
	true satisfies Takes<
		typeof core.predictCooling,
		[
			{
				food: Food;
				shape: Shape;
				startC: number;
				places: Place[];
				lid?: boolean;
				stirred?: boolean;
				roomC?: number;
				refrigeratorC?: number;
				freezerC?: number;
			}
		]
	>,
	true satisfies Takes<
		typeof core.freezingTime,
		[
			{
				food: Food;
				shape: Shape;
				startC: number;
				freezerC: number;
				fan?: boolean;
				untilWarmestC?: number;
			}
		]
	>,
	true satisfies Gives<typeof core.freezingTime, { durationMin: number | null }>,
	true satisfies Takes<
		typeof core.thawingTime,
		[
			{
				food: Food;
				shape: Shape;
				startC: number;
				place: 'refrigerator' | 'cold-water';
				placeC: number;
			}
		]
	>,
	true satisfies Gives<
		typeof core.thawingTime,
		{ pliableMin: number | null; thawedMin: number | null }
	>,
	true satisfies Gives<
		typeof core.foodProperties,
		Record<
			'ice01' | 'enthalpyJPerKg' | 'conductivityWPerMK' | 'densityKgPerM3' | 'heatJPerKgK',
			number
		>
	>,
	true satisfies Takes<typeof core.cookValueMin, [Series, Series, number, number?]>,
	true satisfies Takes<
		typeof core.storageLife,
		[{ parts: Part[]; packedOn: string; freezerC?: number; houseMonths?: number }]
	>,
	true satisfies Gives<
		typeof core.storageLife,
		{
			bestBy: string | null;
			goodTo: string | null;
			months: { from: number; to: number } | null;
			limitingPart: number | null;
			unknownParts: number[];
			source: string;
		}
	>,
	true satisfies Takes<
		typeof core.choosePacks,
		[
			{
				need: number;
				packs: { size: number; priceCents: number; max?: number }[];
				prefer?: 'price' | 'least-left';
			}
		]
	>,
	true satisfies Takes<
		typeof core.scheduleDay,
		[
			{
				tasks: Task[];
				capacity: Record<string, number>;
				changeoverMin?: number;
				iterations?: number;
				seed?: number;
			}
		]
	>,
	true satisfies Gives<
		typeof core.scheduleDay,
		{
			startMin: Record<string, number>;
			endMin: number;
			lowerBoundMin: number;
			changeovers: number;
			outcome: 'optimal' | 'budget' | 'infeasible';
		}
	>,
	true satisfies Takes<
		typeof core.coolBox,
		[
			{
				packs: { food: Food; massKg: number; tempC: number }[];
				iceKg?: number;
				box: { kind: 'hard' | 'soft'; volumeL: number };
				ambientC: number;
				openingsPerDay?: number;
			}
		]
	>,
	true satisfies Gives<typeof core.coolBox, { hardH: Spread; to5H: Spread }>,
	true satisfies Takes<
		typeof core.judgeRun,
		[
			{
				minutes: Series;
				worstC: Series;
				content: 'raw-meat' | 'cooked' | 'plain';
				rice?: boolean;
				floorC?: number;
			}
		]
	>,
	true satisfies Gives<
		typeof core.judgeRun,
		{
			verdict: 'good' | 'caution' | 'refused';
			hazardH: number;
			growthLog: number;
			lethalityMin: number;
			rule: string;
		}
	>
];
