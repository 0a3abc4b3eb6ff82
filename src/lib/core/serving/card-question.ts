import type { DishFacts } from '../foods/dish-facts.ts';
import type { Kitchen, Oven, PressureCooker, SlowCooker } from '../kitchen/appliance-parameters.ts';
import { asHeavyAsItIs } from '../appliances/checked-question.ts';
import type { Method, State } from '../appliances/index.ts';
import { appliancesFor, type OwnedAppliances } from '../kitchen/owned-appliances.ts';
import type { LearnedMinutes } from '../cooking/conversion/conversion.ts';
import { isWholePiece, usualPieceM } from '../foods/kind-handling.ts';
import type { DishKind } from '../published/dish-kinds.ts';
import type { Block } from '../packing/pack-plan.ts';
import { loosePieces } from '../packing/pieces.ts';
import type { SafetyLimits } from '../rules/limits.ts';
import type { CookCardInput } from './cook-card.ts';

/** Tap water for thawing, °C (from memory: 12 to 15). */
export const coldTapC = 13.5;
/** Raw food as it comes together on the board, °C (judgement). */
const freshStartC = 12;

/** The one instruction a recipe gives; `fresh`: neither thawed nor frozen. */
export interface RecipeInstruction {
	method: Method;
	state: State | 'fresh';
	minutes: { from: number; to: number };
}

/** A pack as it lies once it is thawed: in its usual pieces, none thicker than the pack itself; undefined where it has none. */
function thawedPieces(
	kind: DishKind,
	{ food, densityKgPerM3 }: Pick<DishFacts, 'food' | 'densityKgPerM3'>,
	{ massKg, block }: { massKg: number; block: Block }
): NonNullable<CookCardInput['convert']['thawed']> | undefined {
	const usual = usualPieceM[kind];
	if (!usual) return undefined;
	const [lengthM, widthM] = usual;
	const heightM = Math.min(usual[2], block.thicknessM);
	const pieceKg = lengthM * widthM * heightM * densityKgPerM3;
	return {
		shape: { kind: 'brick', lengthM, widthM, heightM },
		count: Math.max(1, Math.round(massKg / pieceKg)),
		// a piece conducts as the solid it is
		food: { ...food, mobility: 1 }
	};
}

/** What is asked of the model for one pack: the dish's facts, its block, the household's appliances. */
export function cardQuestion(input: {
	dish: {
		kind: DishKind;
		state: 'raw' | 'cooked';
		instruction: RecipeInstruction | null;
		/** what the household learned of it */
		learned?: readonly LearnedMinutes[];
	};
	facts: Pick<DishFacts, 'food' | 'content' | 'coreC' | 'densityKgPerM3' | 'parts'>;
	/** `pieces`: so many that were frozen apart */
	pack: { massKg: number; block: Block; isPan: boolean; pieces?: number };
	house: {
		slowCooker: SlowCooker;
		pressureCooker: PressureCooker;
		oven: Oven;
		owned: OwnedAppliances;
		refrigeratorC: number;
		/** °C or °F on the oven's knob */
		temperature: 'c' | 'f';
	} & Kitchen;
	freezerC: number;
	limits: SafetyLimits;
}): CookCardInput {
	const { dish, facts, pack, house } = input;
	const coreC = facts.coreC + input.limits.coreAddedK;
	const { lengthM, widthM, thicknessM } = pack.block;
	const whole = { kind: 'brick', lengthM, widthM, heightM: thicknessM } as const;
	const loose =
		pack.pieces && !pack.isPan
			? loosePieces(
					{ massKg: pack.massKg, count: pack.pieces, kind: dish.kind },
					facts.densityKgPerM3
				)
			: null;
	const block = loose?.shape ?? whole;
	const told = dish.instruction;
	// a dish cooked before it was frozen is only made hot again, unless its recipe says how to do that
	const reheat = dish.state === 'cooked' && (told === null || told.state === 'fresh');
	const known =
		told === null || reheat
			? null
			: told.state === 'fresh'
				? { ...told, state: 'thawed' as const, startC: freshStartC }
				: { ...told, state: told.state };
	return {
		convert: asHeavyAsItIs({
			kind: dish.kind,
			food: facts.food,
			massKg: pack.massKg,
			block,
			...(loose && { blockCount: loose.count, arrangement: 'side-by-side' as const }),
			pan: pack.isPan ? { shape: whole } : undefined,
			thawed: isWholePiece(dish.kind, facts.parts)
				? undefined
				: loose
					? { ...loose, food: { ...facts.food, mobility: 1 } }
					: thawedPieces(dish.kind, facts, pack),
			...appliancesFor(
				{ kind: dish.kind, content: facts.content, inPan: pack.isPan, coreC },
				house
			),
			...(dish.learned && dish.learned.length > 0 && { learned: dish.learned }),
			content: facts.content,
			coreC,
			dangerH: input.limits.dangerH,
			liquidKg: 0,
			known,
			reheat,
			slowCooker: house.slowCooker,
			pressureCooker: house.pressureCooker,
			oven: house.oven,
			kitchen: { altitudeM: house.altitudeM, roomC: house.roomC }
		}),
		freezerC: input.freezerC,
		refrigeratorC: house.refrigeratorC,
		coldWaterC: coldTapC
	};
}
