import type { PotModel } from '../../kitchen/appliance-parameters.ts';
import { dishKinds, type DishKind } from '../../published/dish-kinds.ts';

export const hobLevels = ['low', 'medium', 'high'] as const;
export type HobLevel = (typeof hobLevels)[number];

/** Watts that reach the pot. Judgement; the household measures them with water. */
const potW: Readonly<Record<HobLevel, number>> = { low: 500, medium: 900, high: 1400 };
/** The same of a burner whose high was measured with water, W. */
export const burnerW = (level: HobLevel, highW: number | undefined): number =>
	highW === undefined ? potW[level] : (potW[level] / potW.high) * highW;
const potBaseM2 = 0.045;
/** A household's large pot, L. */
export const hobPotL = 5;
/** Half a cup of water under what is thick, so that it does not catch, L (common practice, no source). */
export const hobLiquidL = 0.12;
/** Heat a base passes before its food catches, W/m²: thick up to so much thin liquid in it, and thin from so much on. Judgement. */
const catchesWPerM2 = { thick: 8000, thin: 15_000 } as const;
const liquid01 = { thick: 0.1, thin: 0.4 } as const;

/**
 * A pot with its lid on: heated from below, it loses little and boils off little. Boiling water on what is wetted, steam on the rest
 * (judgement, docs/numbers.md).
 */
export const hobPot: PotModel = {
	wallHeatJPerK: 800,
	wallLossWPerK: 0.6,
	lidLossWPerK: 0.6,
	wallToPoolWPerK: 60,
	evaporationW: 6,
	oven: null,
	purgeKg: 0.1,
	wetH: 130,
	steamH: 70,
	baseM2: potBaseM2,
	topAlwaysDry: false
};

/** Watts that go into what is in the pot: what the burner gives; of a loose dish no more than it takes without catching. */
export function intoFoodW(
	givenW: number,
	{ kind, massKg, liquidKg }: { kind: DishKind; massKg: number; liquidKg: number },
	catch01 = 1
): number {
	if (!dishKinds[kind].loose) return givenW;
	const { thick, thin } = catchesWPerM2;
	const share =
		(liquidKg / (massKg + liquidKg) - liquid01.thick) / (liquid01.thin - liquid01.thick);
	const thin01 = kind === 'pulse-soup' ? 1 : Math.min(1, Math.max(0, share));
	return Math.min(givenW, (thick + (thin - thick) * thin01) * potBaseM2 * catch01);
}
