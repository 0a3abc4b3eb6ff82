import type { FoodSpec } from '../../foods/food-spec.ts';
import type { Shape } from '../../heat/shape.ts';
import type {
	Kitchen,
	Oven,
	PressureCooker,
	SlowCooker
} from '../../kitchen/appliance-parameters.ts';
import type { ApplianceName } from '../../kitchen/owned-appliances.ts';
import type { Pace } from '../../learning/pace.ts';
import type { Advice, Reason } from '../../safety/best-advice.ts';
import type { DishKind } from '../../published/dish-kinds.ts';
import type { Method, State } from '../method.ts';

export interface Spread {
	/** P10 */ from: number;
	likely: number;
	/** P90 */ to: number;
}
export interface CookOption {
	method: Method;
	state: State;
	/** what the cook sets so that it is ready: minutes in the slow cooker or oven, minutes at pressure. null: refused or never ready */
	setMin: Spread | null;
	/** from switching on to ready: come-up, release and rest included */
	totalMin: Spread | null;
	/** the same figures when refused or when the block does not fit, to be shown with the reason, never as advice */
	computedMin: Spread | null;
	/** still good until, minutes after switching on (slow cooker, oven); null when it does not matter or is not known */
	goodUntilMin: number | null;
	/** least core temperature reached; under pressure the higher of the end of hold and the end of rest */
	coreEndC: number | null;
	/** worst cell, the pool of a loose dish included, hours between 5 and 60 °C, likely and at the unfavourable end */
	hazardH: { likely: number; worst: number } | null;
	addLiquidL: number;
	fill01: number;
	blockFits: boolean | null;
	advice: Advice;
	/** codes with their numbers; wording comes later */
	reasons: Reason[];
	/** minutes before the start to heat the oven, 0 elsewhere; part of `totalMin` */
	preheatMin?: number;
	/** minutes until it is at pressure, likely */
	comeUpMin: number | null;
	/** the nearest good way, given when this one is refused */
	instead: { method: Method; state: State } | null;
}

/** What the household learned of a dish in one appliance from one state: so many minutes more, or less, than computed. */
export interface LearnedMinutes {
	appliance: ApplianceName;
	state: State;
	byMin: number;
}

export interface ConvertInput {
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
	content: 'raw-meat' | 'cooked' | 'plain';
	/** minimum core temperature of this pack */
	coreC: number;
	liquidKg: number;
	/** what the recipe says (under pressure: minutes at pressure); null: the kind's own target */
	known: {
		method: Method;
		state: State;
		startC?: number;
		minutes: { from: number; to: number };
	} | null;
	methods?: Method[];
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
	/** how this household's appliances keep time, as learned from its cooks; none: as computed for their kind */
	paces?: Partial<Record<ApplianceName, Pace>>;
	/** what it learned of this dish; never below what is safe */
	learned?: readonly LearnedMinutes[];
	/** likely hours between 5 and 60 °C allowed in a slow cooker, when tightened; default 4 */
	dangerH?: number;
}
