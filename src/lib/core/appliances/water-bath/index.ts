import { bathWPerM2K } from '../../kitchen/appliance-parameters.ts';
import { dishKinds, type DishKind } from '../../published/dish-kinds.ts';
import { waterJPerKgK } from '../../water/water-heat.ts';
import { plainAppliance, type Appliance } from '../appliance.ts';
import { potWith, powerWith, modelWith } from '../run/begin.ts';
import { mostKg, tooMuchKg } from '../run/fit.ts';
import { PotCook } from '../run/running-cook.ts';
import { insideUnknowns } from '../run/unknowns.ts';

export interface WaterBathing {
	appliance: 'water-bath';
	bathC: number;
	circulated: boolean;
}

/** A bath below this is no way to cook, °C; it brings a core to 54 °C within so many hours, or not at all (docs/safety.md). */
const leastC = 55;
const growsToC = 54;
const mostH = 4;
/** A bath is so much warmer than the core that is wanted, K: nothing in it gets as warm as the water. */
const aboveK = 1;
/** Its water, kg, from the tap at so many °C, and the circulator's watts. Common sizes. */
const waterKg = 8;
const tapC = 15;
const circulatorW = 1000;
/** The bags leave so much of it to the water. */
const food01 = 0.5;
/** Ready within so much of the bath, K, and after so many minutes' worth of 70 °C: six logs of Listeria (UK FSA / ACMSA, z 7.5). */
const withinK = 0.5;
const lethal70Min = 2;
/** Bags of these warm through in water. */
const bathes: ReadonlySet<DishKind> = new Set<DishKind>(['fish', 'lean-pieces', 'tough-cut']);
const power01 = 0.1;

export const waterBath: Appliance<WaterBathing> = {
	...plainAppliance,
	name: 'water-bath',
	family: () => 'covered',
	same: (a, b) => a.bathC === b.bathC && a.circulated === b.circulated,
	hotter01: (method, than) => (method.bathC > than.bathC ? 1 : 0),
	usual: ({ kind, inPan, coreC }) =>
		inPan || !bathes.has(kind)
			? []
			: [{ appliance: 'water-bath', bathC: Math.ceil(coreC + aboveK), circulated: true }],
	never: ({ kind }, { bathC }) =>
		!dishKinds[kind].wet ? 'not-for-this-food' : bathC < leastC ? 'bath-too-cool' : null,
	// in its bag
	lies: () => ({ whole: true }),
	needsL: () => null,
	room({ question }, volumeL, add) {
		const fill01 = volumeL / waterKg / food01;
		tooMuchKg(question, mostKg(question, waterKg * food01, volumeL), add);
		return { fill01, blockFits: null };
	},
	start(scenario, u, effort, tables) {
		const { method } = scenario;
		const h = method.circulated ? bathWPerM2K.circulated : bathWPerM2K.still;
		const model = modelWith({ ...bathModel, wetH: h, steamH: h }, u);
		const inBag = { ...scenario, liquidKg: waterKg };
		const pot = potWith({ scenario: inBag, u, effort, tables }, model, {
			frozenLiquidC: method.bathC,
			liquidC: method.bathC
		});
		return new PotCook(pot, {
			powerW: circulatorW * powerWith(u, power01),
			upToC: method.bathC,
			sealed: true
		});
	},
	unknowns: ({ piece }) => ['power', ...insideUnknowns(piece === null), 'startTemperature'],
	longestMin: 12 * 60,
	preheatMin: (_, { bathC }) =>
		(waterKg * waterJPerKgK * Math.max(0, bathC - tapC)) / circulatorW / 60,
	goal: (goal, question, { bathC }) => ({
		...goal,
		coreC: bathC - withinK,
		lethality70Min: lethal70Min
	}),
	cooksOn: false,
	dangerToC: growsToC,
	judge({ option, scenario: { question, method } }, add) {
		if ((option.hazardH?.worst ?? Infinity) > mostH)
			add('refused', 'bath-slow', { likely: option.hazardH?.likely ?? Infinity, limitH: mostH });
		if (method.bathC - withinK < question.coreC)
			add('caution', 'below-core', { coreC: question.coreC, bathC: method.bathC });
	},
	hands: { min: 4, share: 0 },
	paceSpread: 0.18,
	addsLate: 'after-opening',
	place: 'none'
};

/** A tub of water with bags in it, a lid or balls on it. */
const bathModel = {
	wallHeatJPerK: 500,
	wallLossWPerK: 1,
	lidLossWPerK: 2,
	wallToPoolWPerK: 400,
	evaporationW: 0,
	oven: null,
	purgeKg: 0,
	wetH: 0,
	steamH: 0,
	baseM2: 0.07,
	topAlwaysDry: false
};
