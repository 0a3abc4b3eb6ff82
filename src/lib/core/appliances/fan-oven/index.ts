import { fanOvenPreheatMin, fanOvenSurface } from '../../kitchen/appliance-parameters.ts';
import { footprintM2 } from '../../heat/shape.ts';
import { dishKinds, type DishKind } from '../../published/dish-kinds.ts';
import { plainAppliance, type Appliance } from '../appliance.ts';
import { airBodyWith } from '../run/begin.ts';
import { tooMuch } from '../run/fit.ts';
import { standsInPan } from '../run/lying.ts';
import { halfRange, insideUnknowns } from '../run/unknowns.ts';

export interface FanOvenCooking {
	appliance: 'fan-oven';
	ovenC: number;
}

/** Some 20 K under a large oven (common practice, no source). */
const usualC = {
	c: { fish: 180, rest: 170 },
	f: { fish: (350 - 32) / 1.8, rest: (325 - 32) / 1.8 }
} as const;
/** What gets crisp in it. */
const crisp: ReadonlySet<DishKind> = new Set<DishKind>([
	'assembled-bake',
	'assembled-cooked',
	'lean-pieces',
	'fish',
	'hard-vegetables',
	'wrapped-single',
	'dough',
	'baked-goods'
]);
/** One layer of so much, metres, on a tray of so much, m² (some 25 × 25 cm). */
const oneLayerM = 0.04;
const trayM2 = 0.06;
const otherHeatK = 50;

export const fanOven: Appliance<FanOvenCooking> = {
	...plainAppliance,
	name: 'fan-oven',
	family: () => 'dry',
	same: (a, b) => a.ovenC === b.ovenC,
	hotter01: (method, than) => Math.min(1, Math.max(0, method.ovenC - than.ovenC) / otherHeatK),
	usual: ({ kind }, { knob }) =>
		crisp.has(kind)
			? [{ appliance: 'fan-oven', ovenC: usualC[knob][kind === 'fish' ? 'fish' : 'rest'] }]
			: [],
	lies: (question) =>
		standsInPan(question)
			? { dish: 'filled' }
			: { dish: 'tray', whole: dishKinds[question.kind].loose },
	needsL: () => null,
	room({ question, piece }, volumeL, add) {
		const usedM2 = (piece?.count ?? 1) * footprintM2(piece?.shape ?? question.block);
		tooMuch(question, usedM2 / trayM2, add);
		return { fill01: usedM2 / trayM2, blockFits: null };
	},
	start(scenario, u, effort, tables) {
		const ambientC = scenario.method.ovenC - halfRange.ovenK * u.ovenTemperature;
		return airBodyWith({ scenario, u, effort, tables }, { ambientC, surface: fanOvenSurface });
	},
	unknowns: ({ piece }) => [
		'ovenTemperature',
		...insideUnknowns(piece === null),
		'startTemperature'
	],
	longestMin: 6 * 60,
	preheatMin: () => fanOvenPreheatMin,
	cooksOn: true,
	judge({ thicknessM }, add) {
		if (thicknessM > oneLayerM + 1e-9) add('good', 'one-layer', { thicknessM, limitM: oneLayerM });
	},
	hands: { min: 2, share: 0.02 },
	paceSpread: 0.22,
	addsLate: 'after-opening',
	place: 'none'
};
