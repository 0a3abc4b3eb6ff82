import { bathWPerM2K } from '../../kitchen/appliance-parameters.ts';
import { dishKinds, type DishKind } from '../../published/dish-kinds.ts';
import { boilingC } from '../../water/saturation.ts';
import { airPressureKPa } from '../../water/air-pressure.ts';
import { waterJPerKgK } from '../../water/water-heat.ts';
import { plainAppliance, type Appliance } from '../appliance.ts';
import { apartIn, modelWith, potWith, powerWith } from '../run/begin.ts';
import { BlockCook } from '../run/block-cook.ts';
import { mostKg, tooMuchKg } from '../run/fit.ts';
import { insideUnknowns } from '../run/unknowns.ts';

export interface Steaming {
	appliance: 'steamer';
}

/** Watts that become steam; water that is brought to the boil first, kg, from the tap. Judgement. */
const steamW = 1200;
const waterKg = 2;
const tapC = 15;
/** A basket, L. */
const basketL = 4;
/** Half range of what it gives, as a share. */
const power01 = 0.2;
/** Pieces that steam in minutes. */
const steams: ReadonlySet<DishKind> = new Set<DishKind>([
	'fish',
	'hard-vegetables',
	'soft-vegetables'
]);

/** Steam is no store of heat: what its water does not give, the food does not get. */
const steamModel = {
	wallHeatJPerK: 200,
	wallLossWPerK: 0,
	lidLossWPerK: 0,
	wallToPoolWPerK: 400,
	evaporationW: 0,
	oven: null,
	purgeKg: 0,
	wetH: bathWPerM2K.steam,
	steamH: bathWPerM2K.steam,
	baseM2: 0.045,
	topAlwaysDry: false
};

const steamC = (altitudeM: number) => boilingC(airPressureKPa(altitudeM)) - 0.01;

export const steamer: Appliance<Steaming> = {
	...plainAppliance,
	name: 'steamer',
	family: () => 'covered',
	same: () => true,
	hotter01: () => 0,
	usual: ({ kind, inPan }) => (inPan || !steams.has(kind) ? [] : [{ appliance: 'steamer' }]),
	never: ({ kind }) => (dishKinds[kind].wet ? null : 'not-for-this-food'),
	lies: ({ kind }) => ({ whole: dishKinds[kind].loose, comesApart: true, apart: true }),
	needsL: () => null,
	room({ question }, volumeL, add) {
		tooMuchKg(question, mostKg(question, basketL, volumeL), add);
		return { fill01: volumeL / basketL, blockFits: null };
	},
	start(scenario, u, effort, tables) {
		const boilsC = steamC(scenario.question.kitchen.altitudeM);
		const model = modelWith(steamModel, u);
		const begin = { scenario: { ...scenario, liquidKg: 0 }, u, effort, tables };
		const pot = potWith(begin, model, { frozenLiquidC: boilsC, liquidC: boilsC });
		return new BlockCook(
			pot,
			{ powerW: steamW * powerWith(u, power01), upToC: boilsC, sealed: true },
			apartIn(begin, model, boilsC)
		);
	},
	unknowns: ({ piece }) => ['power', ...insideUnknowns(piece === null), 'startTemperature'],
	longestMin: 6 * 60,
	preheatMin: () => (waterKg * waterJPerKgK * (100 - tapC)) / steamW / 60,
	cooksOn: true,
	hands: { min: 3, share: 0.02 },
	paceSpread: 0.22,
	addsLate: 'after-opening',
	place: 'burner'
};
