import {
	panSurface,
	preheatMinOf,
	roasterModel,
	traySurface
} from '../../kitchen/appliance-parameters.ts';
import { footprintM2, volumeM3 } from '../../heat/shape.ts';
import { dishKinds, type DishKind } from '../../published/dish-kinds.ts';
import { plainAppliance, type Appliance } from '../appliance.ts';
import { airBodyWith, modelWith, potWith } from '../run/begin.ts';
import { tooMuch } from '../run/fit.ts';
import { standsInPan } from '../run/lying.ts';
import { PotCook } from '../run/running-cook.ts';
import { halfRange, insideUnknowns } from '../run/unknowns.ts';
import { ovenFrozenLiquidC } from './run-oven.ts';

export interface OvenCooking {
	appliance: 'oven';
	ovenC: number;
	covered: boolean;
}

/** Usual temperatures on a knob in °C, and in steps of 25 on one in °F (325, 350, 400). */
const usualC = {
	c: { hot: 200, bake: 180, rest: 165 },
	f: { hot: (400 - 32) / 1.8, bake: (350 - 32) / 1.8, rest: (325 - 32) / 1.8 }
} as const;
/** Kinds that are baked or roasted hotter than a braise. */
const hot: ReadonlySet<DishKind> = new Set<DishKind>(['fish']);
const baked: ReadonlySet<DishKind> = new Set<DishKind>([
	'assembled-bake',
	'assembled-cooked',
	'wrapped-single',
	'dough',
	'baked-goods'
]);
/** Kinds that are crisp outside: no lid. */
const uncovered: ReadonlySet<DishKind> = new Set<DishKind>(['fish', 'dough', 'baked-goods']);
/** Kinds that lie as pieces in one layer. */
const inOneLayer: ReadonlySet<DishKind> = new Set<DishKind>([
	'lean-pieces',
	'fish',
	'wrapped-single',
	'dough',
	'baked-goods'
]);
/** Kinds whose collagen wants hours in moist heat. */
const braises: ReadonlySet<DishKind> = new Set<DishKind>(['tough-cut', 'braised-pieces']);
/** An open pot of these dries out and catches above so many °C; up to there it is watched. Judgement. */
const openBraiseC = { caution: 140, refused: 170 } as const;
/** A roaster, L; two trays, m²; pans side by side on two shelves, m². Common sizes of a household's oven. */
const roasterL = 10.8;
const traysM2 = 0.3;
const shelvesM2 = 0.3;
/** A recipe's minutes say nothing of an oven so much hotter, K. */
const otherHeatK = 50;

export const oven: Appliance<OvenCooking> = {
	...plainAppliance,
	name: 'oven',
	family: ({ covered }) => (covered ? 'covered' : 'dry'),
	same: (a, b) => a.ovenC === b.ovenC && a.covered === b.covered,
	hotter01: (method, than) =>
		method.covered === than.covered
			? Math.min(1, Math.max(0, method.ovenC - than.ovenC) / otherHeatK)
			: 1,
	usual: ({ kind }, { knob }) => {
		const at = usualC[knob];
		const ovenC = hot.has(kind) ? at.hot : baked.has(kind) ? at.bake : at.rest;
		return [{ appliance: 'oven', ovenC, covered: !uncovered.has(kind) }];
	},
	lies(question, { covered }) {
		if (standsInPan(question)) return { dish: 'filled' };
		if (question.kind === 'tough-cut') return { dish: 'roaster' };
		if (!inOneLayer.has(question.kind)) return { dish: 'casserole' };
		return { dish: covered && dishKinds[question.kind].wet ? 'wide-dish' : 'tray' };
	},
	needsL: ({ liquidL }, { question }) => (standsInPan(question) ? null : liquidL.oven),
	room(scenario, volumeL, add) {
		const { dish, piece, question } = scenario;
		const used01 =
			(dish !== 'filled' && dish !== 'tray') || !piece
				? volumeL / roasterL
				: (piece.count *
						(dish === 'filled' && question.pan
							? Math.max(1, question.massKg / 1000 / volumeM3(question.pan.shape) / 1.3)
							: 1) *
						footprintM2(piece.shape)) /
					(dish === 'tray' ? traysM2 : shelvesM2);
		tooMuch(question, used01, add);
		return { fill01: dish === 'filled' ? 1 : volumeL / roasterL, blockFits: null };
	},
	start(scenario, u, effort, tables) {
		const { question, method, dish } = scenario;
		const { fan = false, offsetK = 0, measured = false } = question.oven ?? {};
		const offK = (measured ? halfRange.ovenMeasuredK : halfRange.ovenK) * u.ovenTemperature;
		const ambientC = method.ovenC + offsetK - offK;
		const begin = { scenario, u, effort, tables };
		if (dish === 'filled' || dish === 'tray')
			return airBodyWith(begin, {
				ambientC,
				surface: dish === 'tray' ? traySurface(fan) : panSurface(method.covered, fan)
			});
		const model = modelWith(
			roasterModel(ambientC, fan, dish === 'wide-dish' || dish === 'roaster' ? dish : 'casserole'),
			u
		);
		return new OvenPot(
			potWith(begin, model, { frozenLiquidC: ovenFrozenLiquidC }),
			question.kitchen.roomC
		);
	},
	unknowns: ({ piece, dish }) => [
		'ovenTemperature',
		...(dish === 'filled' || dish === 'tray' ? [] : (['dish'] as const)),
		...insideUnknowns(piece === null),
		'startTemperature'
	],
	longestMin: 12 * 60,
	preheatMin: ({ oven: own }) => preheatMinOf(own),
	ownOf: (of) => of.oven,
	cooksOn: true,
	judge({ scenario: { question, method, state, dish } }, add) {
		if (state === 'frozen' && dish === 'filled') add('good', 'glass-from-frozen');
		if (!method.covered && braises.has(question.kind)) {
			if (method.ovenC > openBraiseC.refused)
				add('refused', 'braise-open', { ovenC: method.ovenC, limitC: openBraiseC.refused });
			else if (method.ovenC > openBraiseC.caution)
				add('caution', 'braise-open', { ovenC: method.ovenC, limitC: openBraiseC.refused });
		}
	},
	hands: { min: 2, share: 0.01 },
	paceSpread: 0.22,
	rests: ({ oven: own }) => [own?.fan, own?.offsetK],
	addsLate: 'last-open',
	place: 'oven'
};

/** A covered dish in the oven; switched off, the oven is as warm as the room. */
class OvenPot extends PotCook {
	private readonly roomC: number;
	constructor(pot: ConstructorParameters<typeof PotCook>[0], roomC: number) {
		super(pot, { powerW: 0 });
		this.roomC = roomC;
	}
	override rest(dtS: number): void {
		this.pot.step(dtS, { powerW: 0, ovenC: this.roomC });
	}
}
