import { dishKinds } from '../../published/dish-kinds.ts';
import { foodFromSpec } from '../../foods/food-spec.ts';
import { thicknessM } from '../../heat/shape.ts';
import { plainAppliance, type Appliance } from '../appliance.ts';
import { powerWith, startCWith } from '../run/begin.ts';
import { standsInPan } from '../run/lying.ts';
import { absorbed01, dividedFromKg, mostAtOnceKg, standingMin, stirredEndC } from './microwave.ts';
import { MicrowaveCook } from './microwave-cook.ts';

export interface Microwaving {
	appliance: 'microwave';
	powerW: number;
}

/** Output printed on most microwaves, W (common practice, no source). */
const usualW = 800;
/** The coldest spot of what is stirred once and stands is at this when its mean is at `stirredEndC`, °C. */
export const hotC = 74;
/** Half range of what stays in the food, as a share: where it stands, what it stands in. Judgement. */
const power01 = 0.25;

export const microwave: Appliance<Microwaving> = {
	...plainAppliance,
	name: 'microwave',
	family: () => 'covered',
	same: (a, b) => a.powerW === b.powerW,
	hotter01: () => 0,
	usual: ({ kind, content, inPan }, { microwaveW }) =>
		content === 'raw-meat' || inPan || kind === 'dough'
			? []
			: [{ appliance: 'microwave', powerW: microwaveW ?? usualW }],
	never: ({ kind }) => (kind === 'dough' ? 'not-for-this-food' : null),
	lies: () => ({ whole: true }),
	needsL: () => null,
	room({ question: { massKg } }, volumeL, add) {
		add('good', 'stir-and-stand', { minutes: standingMin });
		if (massKg > mostAtOnceKg) add('refused', 'more-than-fits', { massKg, mostKg: mostAtOnceKg });
		else if (massKg > dividedFromKg) add('caution', 'divide', { massKg, limitKg: dividedFromKg });
		return { fill01: massKg / mostAtOnceKg, blockFits: null };
	},
	start(scenario, u, _effort, tables) {
		const { question, method, massKg } = scenario;
		const { zK } = dishKinds[question.kind];
		return new MicrowaveCook({
			table: tables.get(question.food, zK).thermal,
			freezingC: foodFromSpec(question.food).freezingC,
			massKg: massKg + scenario.liquidKg,
			startC: startCWith(scenario, u),
			watts: method.powerW * absorbed01(massKg) * powerWith(u, power01),
			raw: question.content === 'raw-meat',
			thicknessM: thicknessM(question.block),
			kitchen: question.kitchen,
			coldest01: hotC / stirredEndC,
			zK
		});
	},
	unknowns: () => ['power', 'startTemperature'],
	longestMin: 60,
	standMin: standingMin,
	goal: (goal) => ({ ...goal, coreC: Math.max(goal.coreC, hotC), lethality70Min: 0 }),
	cooksOn: false,
	judge({ scenario: { question } }, add) {
		if (question.content === 'raw-meat') add('refused', 'only-heats');
		if (standsInPan(question) && question.pan)
			add('caution', 'divide', { massKg: question.massKg, limitKg: dividedFromKg });
	},
	hands: { min: 4, share: 0.3 },
	paceSpread: 0.3,
	addsLate: 'after-opening',
	place: 'microwave'
};
