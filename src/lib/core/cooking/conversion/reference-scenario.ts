import type { Shape } from '../../heat/shape.ts';
import { dishKinds, type DishKind } from '../../published/dish-kinds.ts';
import type { ConvertInput } from './conversion.ts';
import { brokenUpC, hobW } from '../appliances/hob.ts';
import type { Method, State } from '../method.ts';
import type { OvenDish, Scenario } from './scenario.ts';

/** What is simulated for one way of cooking a pack. `startC` when it is neither thawed nor frozen. */
export function scenarioOf(
	input: ConvertInput,
	method: Method,
	state: State,
	startC?: number
): Scenario {
	const rule = dishKinds[input.kind];
	const dish = ovenDishOf(input, method);
	const filled = ovens.has(method.appliance) && dish === 'filled';
	/** in a pot on the hob a block is broken up; from then on it lies as if it had been thawed */
	const brokenUp = method.appliance === 'hob' && state === 'frozen';
	const asThawed = state === 'thawed' || brokenUp;
	const count = input.blockCount ?? 1;
	const stacked = input.arrangement === 'stacked' && count > 1;
	let piece: Scenario['piece'];
	if (filled && input.pan)
		piece = { food: input.pan.food ?? input.food, shape: input.pan.shape, count: 1 };
	else if (staysWhole(method, rule.loose)) piece = { food: input.food, shape: input.block, count };
	else if (asThawed && rule.loose && !filled)
		// stirred in its pot on the hob it is one temperature throughout
		piece =
			input.reheat && method.appliance !== 'hob'
				? { food: input.food, shape: loosePiece(input.kind), count: 1 }
				: null;
	else if (asThawed && input.thawed && !filled)
		piece = {
			food: input.thawed.food ?? input.food,
			shape: input.thawed.shape,
			count: input.thawed.count
		};
	else
		piece = {
			food: input.food,
			shape: stacked ? stackedShape(input.block, count) : input.block,
			count: stacked ? 1 : count
		};
	return {
		kind: input.kind,
		method,
		piece,
		loosePieces:
			asThawed && rule.loose && !filled && piece !== null && !staysWhole(method, rule.loose),
		massKg: input.massKg,
		liquidKg: liquidInKg(input, method, state).total,
		startC: startC ?? (brokenUp ? brokenUpC : asThawed ? 4 : (input.frozenStartC ?? -18)),
		dish,
		reheat: input.reheat ?? false,
		slowCooker: input.slowCooker ?? { volumeL: 5.7 },
		pressureCooker: input.pressureCooker ?? { volumeL: 5.7 },
		oven: input.oven ?? {},
		burnerHighW: input.burnerHighW,
		kitchen: input.kitchen,
		breakUp:
			brokenUp && method.appliance === 'hob'
				? {
						food: input.food,
						shape: input.block,
						massKg: input.massKg,
						startC: input.frozenStartC ?? -18,
						waterKg: liquidInKg(input, method, state).total,
						level: method.level,
						highW: input.burnerHighW,
						stirredW: hobW(
							method.level,
							input.kind,
							liquidInKg(input, method, state).total,
							input.burnerHighW
						)
					}
				: undefined
	};
}

const ovens: ReadonlySet<Method['appliance']> = new Set<Method['appliance']>(['oven', 'fan-oven']);
/** It goes in as it froze: in its bag, or what is loose in the dish it was thawed in. */
const staysWhole = ({ appliance }: Method, loose: boolean): boolean =>
	appliance === 'water-bath' || appliance === 'steamer' || (appliance === 'fan-oven' && loose);
/** Nothing is poured into these. */
const inOwnLiquid: ReadonlySet<Method['appliance']> = new Set<Method['appliance']>([
	'fan-oven',
	'microwave',
	'water-bath',
	'steamer'
]);
/** Half a cup of water under what is thick, so that it does not catch, L (common practice, no source). */
const hobLiquidL = 0.12;

/** Kinds that lie as pieces in one layer when they go into an oven. */
const inOneLayer: ReadonlySet<DishKind> = new Set<DishKind>(['lean-pieces', 'fish']);

function ovenDishOf(input: ConvertInput, method: Method): OvenDish {
	if (input.kind === 'assembled-bake' || input.pan) return 'filled';
	if (method.appliance === 'fan-oven') return 'tray';
	if (method.appliance !== 'oven' || !inOneLayer.has(input.kind)) return 'roaster';
	return method.covered ? 'wide-dish' : 'tray';
}

/** A piece of a loose dish, as it is made hot again: meat and vegetables, or the beans of a soup. Judgement. */
function loosePiece(kind: DishKind): Shape {
	return { kind: 'sphere', diameterM: kind === 'pulse-soup' ? 0.01 : 0.025 };
}

function stackedShape(shape: Shape, count: number): Shape {
	switch (shape.kind) {
		case 'slab':
			return { ...shape, thicknessM: shape.thicknessM * count };
		case 'brick':
		case 'cylinder':
			return { ...shape, heightM: shape.heightM * count };
		case 'sphere':
			return { ...shape, diameterM: shape.diameterM * Math.cbrt(count) };
	}
}

/** Free thin liquid in the pot, and how much of it is to be added, kg (1 L is taken as 1 kg). */
export function liquidInKg(
	input: ConvertInput,
	method: Method,
	state: State
): { total: number; added: number } {
	const rules = dishKinds[input.kind];
	const rule = rules.liquidL;
	const own =
		state === 'thawed' && input.thawed?.liquidKg !== undefined
			? input.thawed.liquidKg
			: input.liquidKg;
	if (inOwnLiquid.has(method.appliance)) return { total: own, added: 0 };
	if (method.appliance === 'oven' && (input.pan || input.kind === 'assembled-bake'))
		return { total: own, added: 0 };
	const needed =
		method.appliance === 'pressure-cooker'
			? rule.pressure
			: method.appliance === 'hob'
				? state === 'frozen' || rules.loose
					? hobLiquidL
					: rules.liquidL.slowThawed
				: method.appliance === 'oven'
					? rule.oven
					: state === 'frozen'
						? rule.slowFrozen
						: rule.slowThawed;
	// a soup that is thin itself counts as its own liquid once it is loose
	const thin = input.kind === 'pulse-soup' && state === 'thawed' ? 0.5 * input.massKg : 0;
	// ten grams short is not worth measuring
	const short = needed - own - thin;
	const added = short > 0.012 ? Math.ceil(short * 100) / 100 : 0;
	return { total: own + added, added };
}
