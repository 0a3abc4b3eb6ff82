import { CoreError } from '../errors.ts';
import { foodDensityKgPerM3 } from '../foods/food-properties.ts';
import { foodFromSpec } from '../foods/food-spec.ts';
import { checkedShape, volumeM3 } from '../heat/shape.ts';
import { requireRange } from '../require-range.ts';
import type { Kitchen } from '../kitchen/appliance-parameters.ts';
import type { AnyMethod, CookQuestion } from './question.ts';

/** A block and its weight belong together within this, by the food's density: air in a bag and rounded lengths one way, a heaped measure the other. */
const mass01 = { least: 0.72, most: 1.25 } as const;

/** What a household sets, by the name of the number: temperatures and printed watts that appliances have. */
const settings: Readonly<Record<string, readonly [number, number]>> = {
	ovenC: [40, 300],
	bathC: [20, 99],
	powerW: [100, 3000]
};

/** Checks how an appliance is set. Throws coded errors. */
export function checkedMethod(method: AnyMethod): void {
	for (const [name, value] of Object.entries(method))
		if (typeof value === 'number') requireRange(name, value, ...(settings[name] ?? [0, 1e4]));
}

/** Checks the kitchen it stands in, and the z of the cook value asked for. Throws coded errors. */
export function checkedKitchen({ altitudeM, roomC }: Kitchen, zK?: number): void {
	requireRange('altitudeM', altitudeM, -500, 9000);
	requireRange('roomC', roomC, -10, 50);
	if (zK !== undefined) requireRange('zK', zK, 1, 200);
}

/** Checks the numbers of a question. Throws coded errors for what is out of range or no number, and for a weight its block cannot have. */
export function checkedQuestion(question: CookQuestion): void {
	const { massKg, block, blockCount = 1, thawed, pan, kitchen } = question;
	requireRange('massKg', massKg, 0.0005, 25);
	requireRange('coreC', question.coreC, 0, 95);
	requireRange('liquidKg', question.liquidKg, 0, 20);
	requireRange('blockCount', blockCount, 1, 500);
	checkedKitchen(kitchen);
	if (question.frozenStartC !== undefined)
		requireRange('frozenStartC', question.frozenStartC, -40, 5);
	if (question.burnerHighW !== undefined)
		requireRange('burnerHighW', question.burnerHighW, 100, 10_000);
	checkedShape(block);
	if (thawed) {
		checkedShape(thawed.shape);
		requireRange('thawed.count', thawed.count, 1, 5000);
		if (thawed.liquidKg !== undefined) requireRange('thawed.liquidKg', thawed.liquidKg, 0, 20);
		if (thawed.food) foodFromSpec(thawed.food);
	}
	if (pan) checkedShape(pan.shape);
	foodFromSpec(question.food);
	const blockKg = blockKgOf(question);
	if (blockKg !== null && !belongs(massKg / blockKg))
		throw new CoreError('mass-and-block', { massKg, blockKg, blockCount });
}

const belongs = (share: number) => share >= mass01.least && share <= mass01.most;

/** What its blocks weigh by their size, kg; null of a slab, which has none. */
function blockKgOf({ block, blockCount = 1, food }: CookQuestion): number | null {
	if (block.kind === 'slab') return null;
	return volumeM3(block) * blockCount * foodDensityKgPerM3(foodFromSpec(food));
}

/**
 * A pack that was weighed, or written down from memory, with a block its weight can have: as thick as it was said to be, its footprint as
 * its weight asks; in its pan as high as that fills it. Unchanged where both belong together.
 */
export function asHeavyAsItIs<Q extends CookQuestion>(question: Q): Q {
	const { block, pan, massKg } = question;
	const blockKg = blockKgOf(question);
	if (blockKg === null || belongs(massKg / blockKg) || block.kind !== 'brick') return question;
	const times = massKg / blockKg;
	const side = Math.sqrt(times);
	const shape = pan
		? { ...block, heightM: block.heightM * times }
		: { ...block, lengthM: block.lengthM * side, widthM: block.widthM * side };
	return { ...question, block: shape, ...(pan && { pan: { ...pan, shape } }) };
}
