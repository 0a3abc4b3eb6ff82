import { leastSlowFill01, slowCookerModel } from '../../kitchen/appliance-parameters.ts';
import { dishKinds } from '../../published/dish-kinds.ts';
import { plainAppliance, type Appliance } from '../appliance.ts';
import { modelWith, potWith, powerWith } from '../run/begin.ts';
import { blockFits } from '../run/fit.ts';
import { standsInPan } from '../run/lying.ts';
import type { Pot, PotControl } from '../run/pot.ts';
import { PotCook } from '../run/running-cook.ts';
import { halfRange, insideUnknowns } from '../run/unknowns.ts';
import { slowFrozenLiquidC } from './run-slow-cooker.ts';

export interface SlowCooking {
	appliance: 'slow-cooker';
	setting: 'low' | 'high';
}

/** When the household has none of its own. */
export const usualSlowCooker = { volumeL: 5.7 };
/** Fish stays no longer in a slow cooker, and never goes in frozen. Judgement. */
const fishMostMin = 120;
const { power01, loss01, measured01 } = halfRange;

/** It can keep warm afterwards. */
class SlowCook extends PotCook {
	private readonly warmW: number;
	constructor(pot: Pot, control: PotControl, warmW: number) {
		super(pot, control);
		this.warmW = warmW;
	}
	keepWarm(dtS: number): void {
		this.pot.step(dtS, { powerW: this.warmW });
	}
}

export const slowCooker: Appliance<SlowCooking> = {
	...plainAppliance,
	name: 'slow-cooker',
	family: () => 'slow',
	same: (a, b) => a.setting === b.setting,
	hotter01: (method, than) => (method.setting === 'high' && than.setting === 'low' ? 1 : 0),
	usual: ({ kind }) =>
		dishKinds[kind].wet
			? [
					{ appliance: 'slow-cooker', setting: 'low' },
					{ appliance: 'slow-cooker', setting: 'high' }
				]
			: [],
	never: ({ kind }) => (dishKinds[kind].wet ? null : 'not-for-this-food'),
	lies: (question) => (standsInPan(question) && question.pan ? { dish: 'filled' } : {}),
	needsL: ({ liquidL }, { state }) =>
		state === 'frozen' ? liquidL.slowFrozen : liquidL.slowThawed,
	room({ question, piece, loosePieces, state }, volumeL, add) {
		const cooker = question.slowCooker ?? usualSlowCooker;
		const fill01 = volumeL / cooker.volumeL;
		const fits = blockFits(question, state, question.slowCooker?.bowl, add);
		if (fill01 > 1 + 1e-9) add('refused', 'more-than-the-bowl', { fill01, most01: 1 });
		else if (fill01 > 0.75) add('caution', 'too-full', { fill01, most01: 0.75 });
		if (fill01 < 0.5 && question.kind === 'lean-pieces') add('good', 'under-half-full', { fill01 });
		const least01 = leastSlowFill01[piece && !loosePieces ? 'pieces' : 'pool'];
		if (fill01 < least01) add('good', 'small-load', { fill01, least01 });
		return { fill01, blockFits: fits };
	},
	start(scenario, u, effort, tables) {
		const cooker = scenario.question.slowCooker ?? usualSlowCooker;
		const { measured = false } = scenario.question.slowCooker ?? {};
		const model = modelWith(slowCookerModel(cooker), u, measured ? measured01 : loss01);
		const watts = scenario.method.setting === 'low' ? model.lowW : model.highW;
		return new SlowCook(
			potWith({ scenario, u, effort, tables }, model, {
				frozenLiquidC: slowFrozenLiquidC,
				leastKg: {
					pool: cooker.volumeL * leastSlowFill01.pool,
					pieces: cooker.volumeL * leastSlowFill01.pieces
				}
			}),
			{ powerW: watts * powerWith(u, measured ? measured01 : power01) },
			model.warmW
		);
	},
	unknowns: ({ piece }) => ['power', 'loss', ...insideUnknowns(piece === null), 'startTemperature'],
	longestMin: 16 * 60,
	cooksOn: true,
	slow: true,
	runsAlone: true,
	ownOf: (of) => of.slowCooker,
	judge({ scenario: { question, state }, longMin }, add) {
		if (dishKinds[question.kind].inPan) add('caution', 'poor-in-slow-cooker');
		if (question.kind === 'fish')
			add(state === 'frozen' || longMin > fishMostMin ? 'refused' : 'caution', 'fish-in-minutes', {
				limitMin: fishMostMin
			});
	},
	hands: { min: 2, share: 0 },
	paceSpread: 0.32,
	rests: ({ slowCooker: own }) => [own?.volumeL, own?.effectiveLowW, own?.effectiveHighW],
	addsLate: 'in-pot',
	place: 'slow-cooker'
};
