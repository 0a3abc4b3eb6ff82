import type { FoodSpec } from '../foods/food-spec.ts';
import type { Shape } from '../heat/shape.ts';
import type { Kitchen, Oven, PressureCooker, SlowCooker } from '../kitchen/appliance-parameters.ts';
import type { DishKind } from '../published/dish-kinds.ts';

/** How a pack goes into an appliance. */
export type State = 'thawed' | 'frozen';

/** What every cook method is: the name of its appliance, and how that is set. */
export interface AnyMethod {
	readonly appliance: string;
}

/** What lies in the pack. */
export type Content = 'raw-meat' | 'cooked' | 'plain';

/** One pack and one kitchen: what an appliance is asked to cook. */
export interface CookQuestion {
	kind: DishKind;
	food: FoodSpec;
	/** as frozen, without liquidKg */
	massKg: number;
	/** one frozen block, and how many of them cook together */
	block: Shape;
	blockCount?: number;
	arrangement?: 'side-by-side' | 'stacked';
	/** as it lies when thawed, if different; loose kinds (meat-in-sauce, pulse-soup) need none */
	thawed?: { shape: Shape; count: number; food?: FoodSpec; liquidKg?: number };
	/** the pan it bakes in: the oven is then `filled`, as always for assembled-bake; otherwise a covered roaster */
	pan?: { shape: Shape; food?: FoodSpec };
	content: Content;
	/** minimum core temperature of this pack */
	coreC: number;
	liquidKg: number;
	slowCooker?: SlowCooker;
	pressureCooker?: PressureCooker;
	oven?: Oven;
	/** watts the burner on high puts into a pot, when measured */
	burnerHighW?: number;
	kitchen: Kitchen;
	/** how cold the frozen pack goes in, when it was softened first; default −18 °C */
	frozenStartC?: number;
	/** cooked food that is only to be made hot again: safe core temperature, no cook value asked for */
	reheat?: boolean;
}

/** As cold as a pack comes from its freezer and from the refrigerator, °C. */
export const frozenC = -18;
export const chilledC = 4;

/** How cold a pack goes in. */
export const startCOf = (question: Pick<CookQuestion, 'frozenStartC'>, state: State): number =>
	state === 'thawed' ? chilledC : (question.frozenStartC ?? frozenC);
