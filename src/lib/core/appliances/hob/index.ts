import { waterJPerKgK } from '../../water/water-heat.ts';
import type { CookQuestion } from '../question.ts';
import { dishKinds } from '../../published/dish-kinds.ts';
import { plainAppliance, type Appliance } from '../appliance.ts';
import { apartIn, modelWith, potWith, powerWith } from '../run/begin.ts';
import { BlockCook } from '../run/block-cook.ts';
import { mostKg, tooMuchKg } from '../run/fit.ts';
import { standsInPan } from '../run/lying.ts';
import { halfRange, insideUnknowns } from '../run/unknowns.ts';
import {
	burnerW,
	hobLiquidL,
	hobPot,
	hobPotL,
	intoFoodW,
	type HobLevel,
	hobLevels
} from './hob.ts';

export interface HobCooking {
	appliance: 'hob';
	level: HobLevel;
}

/** What a burner of a name gives differs more than a cooker's plate does; once measured it is known. */
const power01 = 0.25;

export const hob: Appliance<HobCooking> = {
	...plainAppliance,
	name: 'hob',
	family: () => 'covered',
	same: (a, b) => a.level === b.level,
	hotter01: (method, than) =>
		hobLevels.indexOf(method.level) > hobLevels.indexOf(than.level) ? 1 : 0,
	usual: ({ kind, inPan }) =>
		inPan || dishKinds[kind].inPan || !dishKinds[kind].wet
			? []
			: [{ appliance: 'hob', level: 'medium' }],
	never: (question) =>
		standsInPan(question)
			? 'not-on-hob'
			: dishKinds[question.kind].wet
				? null
				: 'not-for-this-food',
	lies: () => ({ stirred: true, comesApart: true }),
	needsL: (rule, { state }) =>
		state === 'frozen' || rule.loose ? hobLiquidL : rule.liquidL.slowThawed,
	room({ question }, volumeL, add) {
		tooMuchKg(question, mostKg(question, hobPotL, volumeL), add);
		return { fill01: volumeL / hobPotL, blockFits: null };
	},
	start(scenario, u, effort, tables) {
		const { question, method, massKg, liquidKg } = scenario;
		const known01 = question.burnerHighW === undefined ? power01 : halfRange.measured01;
		const factor = powerWith(u, known01);
		const model = modelWith(hobPot, u);
		const begin = { scenario, u, effort, tables };
		const boils = { powerW: burnerW(method.level, question.burnerHighW) * factor };
		const stirred = {
			powerW: intoFoodW(
				boils.powerW,
				{ kind: question.kind, massKg, liquidKg },
				powerWith(u, power01)
			)
		};
		return new BlockCook(
			potWith(begin, model, {
				frozenLiquidC: hobWaterC,
				...(intoBoiling(question) && { liquidC: boilC - 1, wallC: boilC - 1 })
			}),
			scenario.apart ? boils : stirred,
			apartIn(begin, model, hobWaterC),
			stirred
		);
	},
	unknowns: ({ piece }) => ['power', 'loss', ...insideUnknowns(piece === null), 'startTemperature'],
	// by hand and by eye
	unsureLog: 0.1,
	longestMin: 8 * 60,
	preheatMin: (question, method) =>
		intoBoiling(question)
			? ((hobPot.wallHeatJPerK + waterJPerKgK * question.liquidKg) * (boilC - hobWaterC)) /
				burnerW(method.level, question.burnerHighW) /
				60
			: 0,
	cooksOn: true,
	hands: { min: 3, share: 0.4 },
	paceSpread: 0.3,
	rests: ({ burnerHighW }) => [burnerHighW],
	addsLate: 'after-opening',
	place: 'burner'
};

/** Soft vegetables go into water that boils, once there is enough of it to boil them in: as much as they weigh. */
const intoBoiling = ({
	kind,
	liquidKg,
	massKg
}: Pick<CookQuestion, 'kind' | 'liquidKg' | 'massKg'>) =>
	kind === 'soft-vegetables' && liquidKg >= massKg;
const boilC = 100;

/** Water from the tap that a block is put into, °C. */
const hobWaterC = 15;
