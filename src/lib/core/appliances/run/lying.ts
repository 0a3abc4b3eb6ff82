import { usualPieceM } from '../../foods/kind-handling.ts';
import { foodFromSpec } from '../../foods/food-spec.ts';
import { foodDensityKgPerM3 } from '../../foods/food-properties.ts';
import { stacked, type Shape } from '../../heat/shape.ts';
import { dishKinds, type DishKind } from '../../published/dish-kinds.ts';
import type { Appliance } from '../appliance.ts';
import { startCOf, type AnyMethod, type CookQuestion, type State } from '../question.ts';
import type { LyingPiece, Scenario } from './scenario.ts';

/** Whether a pack stands in the pan it is baked in. */
export const standsInPan = ({ kind, pan }: Pick<CookQuestion, 'kind' | 'pan'>): boolean =>
	dishKinds[kind].inPan || pan !== undefined;

/** A piece of a loose dish, as it is made hot again: meat and vegetables, or the beans of a soup. Judgement. */
const loosePiece = (kind: DishKind): Shape => ({
	kind: 'sphere',
	diameterM: kind === 'pulse-soup' ? 0.01 : 0.025
});

/** The usual pieces of a kind, as many as weigh so much; null where it has none. */
function usualPieces({ kind, food, massKg }: CookQuestion): LyingPiece | null {
	const sizeM = usualPieceM[kind];
	if (!sizeM) return null;
	const [lengthM, widthM, heightM] = sizeM;
	const pieceKg = lengthM * widthM * heightM * foodDensityKgPerM3(foodFromSpec(food));
	// a piece conducts as what it is, however well the dish mixes
	return {
		food: { ...food, mobility: Math.min(1, food.mobility ?? 1) },
		shape: { kind: 'brick', lengthM, widthM, heightM },
		count: Math.max(1, Math.round(massKg / pieceKg))
	};
}

/** What is simulated for one way of cooking a pack. `startC` when it is neither thawed nor frozen. */
export function scenarioIn<M extends AnyMethod>(
	appliance: Appliance<M>,
	question: CookQuestion,
	method: M,
	state: State,
	startC?: number
): Scenario<M> {
	const rule = dishKinds[question.kind];
	const {
		dish = 'casserole',
		whole = false,
		stirred = false,
		comesApart = false,
		apart = false
	} = appliance.lies(question, method, state);
	const filled = dish === 'filled';
	const count = question.blockCount ?? 1;
	const isStacked = question.arrangement === 'stacked' && count > 1;
	const asFrozen: LyingPiece = {
		food: question.food,
		shape: isStacked ? stacked(question.block, count) : question.block,
		count: isStacked ? 1 : count
	};
	const thawed: LyingPiece | null = question.thawed
		? {
				food: question.thawed.food ?? question.food,
				shape: question.thawed.shape,
				count: question.thawed.count
			}
		: apart
			? usualPieces(question)
			: null;
	const inPan = filled && question.pan;
	const isLoose = rule.loose && !filled && !whole;
	/** once no ice is left in it */
	const free: { piece: LyingPiece | null; loosePieces: boolean } = isLoose
		? question.reheat && !stirred
			? {
					piece: { food: question.food, shape: loosePiece(question.kind), count: 1 },
					loosePieces: true
				}
			: { piece: null, loosePieces: false }
		: { piece: filled || whole ? asFrozen : (thawed ?? asFrozen), loosePieces: false };
	const lies = inPan
		? {
				piece: {
					food: question.pan?.food ?? question.food,
					shape: question.pan?.shape ?? question.block,
					count: 1
				},
				loosePieces: false
			}
		: state === 'thawed'
			? free
			: { piece: asFrozen, loosePieces: false };
	const { own, added } = liquidIn(appliance, question, state);
	return {
		question,
		method,
		state,
		...lies,
		apart:
			state === 'frozen' && comesApart && !inPan && (isLoose || thawed !== null)
				? { piece: free.piece }
				: null,
		massKg: question.massKg,
		liquidKg: own + added,
		addedL: added,
		startC: startC ?? startCOf(question, state),
		dish
	};
}

/** Ten grams short is not worth measuring: what is added rises from nothing over so much, L. */
const notWorthL = 0.012;

/** Free thin liquid in the pack, and how much is to be added, kg (1 L is taken as 1 kg). */
function liquidIn<M extends AnyMethod>(
	appliance: Appliance<M>,
	question: CookQuestion,
	state: State
): { own: number; added: number } {
	const own =
		state === 'thawed' && question.thawed?.liquidKg !== undefined
			? question.thawed.liquidKg
			: question.liquidKg;
	const needed = appliance.needsL(dishKinds[question.kind], { question, state });
	if (needed === null) return { own, added: 0 };
	// a soup that is thin itself counts as its own liquid once it is loose
	const thin = question.kind === 'pulse-soup' && state === 'thawed' ? 0.5 * question.massKg : 0;
	const short = needed - own - thin;
	return { own, added: short > notWorthL ? Math.ceil(short * 100) / 100 : 0 };
}
