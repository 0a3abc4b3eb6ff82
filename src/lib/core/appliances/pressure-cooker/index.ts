import { pressureCookerModel } from '../../kitchen/appliance-parameters.ts';
import { dishKinds, type DishKind } from '../../published/dish-kinds.ts';
import { plainAppliance, type Appliance } from '../appliance.ts';
import { modelWith, potWith, powerWith } from '../run/begin.ts';
import { blockFits } from '../run/fit.ts';
import type { Pot } from '../run/pot.ts';
import { PotCook, type RunningCook } from '../run/running-cook.ts';
import { halfRange, insideUnknowns } from '../run/unknowns.ts';
import { pressureCookingC, pressureFrozenLiquidC } from './run-pressure-cooker.ts';

export interface PressureCooking {
	appliance: 'pressure-cooker';
	release?: 'natural' | 'quick';
}

/** When the household has none of its own. */
const usualPressureCooker = { volumeL: 5.7 };
/** A hold longer than this (P90) is no sensible way to cook from frozen. Judgement. */
const longHoldMin = { caution: 60, refused: 150 } as const;
/** A tough cut heavier than this is cut in pieces, kg. Judgement. */
const wholeCutKg = 2;
/** Kinds that go soft or dry while pressure falls by itself. */
const quickKinds: ReadonlySet<DishKind> = new Set<DishKind>(['soft-vegetables', 'fish']);

/** Closed, heated to its pressure and kept there. */
class PressureCook extends PotCook implements RunningCook {
	readonly atPressure: { pot: Pot; powerW: number; targetC: number };
	constructor(atPressure: { pot: Pot; powerW: number; targetC: number }) {
		super(atPressure.pot, {
			powerW: atPressure.powerW,
			sealed: true,
			upToC: atPressure.targetC
		});
		this.atPressure = atPressure;
	}
}

export const pressureCooker: Appliance<PressureCooking> = {
	...plainAppliance,
	name: 'pressure-cooker',
	family: () => 'pressure',
	same: (a, b) => (a.release ?? 'natural') === (b.release ?? 'natural'),
	hotter01: () => 0,
	usual: ({ kind }) =>
		dishKinds[kind].wet
			? [{ appliance: 'pressure-cooker', release: quickKinds.has(kind) ? 'quick' : 'natural' }]
			: [],
	never: ({ kind }) =>
		dishKinds[kind].inPan
			? 'not-in-pressure-cooker'
			: dishKinds[kind].wet
				? null
				: 'not-for-this-food',
	lies: ({ pan }) => (pan ? { dish: 'filled' } : {}),
	needsL: ({ liquidL }) => liquidL.pressure,
	room({ question, state }, volumeL, add) {
		const fill01 = volumeL / (question.pressureCooker ?? usualPressureCooker).volumeL;
		const most01 = dishKinds[question.kind].pressureFill01;
		const fits = blockFits(question, state, question.pressureCooker?.bowl, add);
		if (fill01 > most01 + 1e-9) add('refused', 'too-full', { fill01, most01 });
		return { fill01, blockFits: fits };
	},
	start(scenario, u, effort, tables) {
		const { question } = scenario;
		const model = modelWith(pressureCookerModel(question.pressureCooker ?? usualPressureCooker), u);
		const half01 = question.pressureCooker?.measured ? halfRange.measured01 : halfRange.power01;
		return new PressureCook({
			pot: potWith({ scenario, u, effort, tables }, model, {
				frozenLiquidC: pressureFrozenLiquidC
			}),
			powerW: model.powerW * powerWith(u, half01),
			targetC: pressureCookingC(model.gaugeKPa, question.kitchen.altitudeM)
		});
	},
	unknowns: ({ piece }) => ['power', ...insideUnknowns(piece === null), 'startTemperature'],
	longestMin: 240,
	cooksOn: true,
	leastHoldMin: 2,
	ownOf: (of) => of.pressureCooker,
	judge({ scenario: { question, state }, longMin, thicknessM }, add) {
		if (question.kind === 'tough-cut' && question.massKg > wholeCutKg)
			add('good', 'cut-in-pieces', { massKg: question.massKg, limitKg: wholeCutKg });
		if (state === 'thawed') return;
		if (longMin > longHoldMin.refused)
			add('refused', 'long-under-pressure', { minutes: longMin, limitMin: longHoldMin.refused });
		else if (longMin > longHoldMin.caution)
			add('caution', 'thick-block', { thicknessM, minutes: longMin });
		add('good', 'set-long-end', { minutes: longMin });
	},
	hands: { min: 4, share: 0.05 },
	paceSpread: 0.25,
	rests: ({ pressureCooker: own }) => [own?.volumeL, own?.powerW, own?.gaugeKPa],
	addsLate: 'after-opening',
	place: 'pressure-cooker'
};
