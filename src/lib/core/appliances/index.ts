import type { HeatFamily } from '../published/dish-kinds.ts';
import type { Appliance, DishForKitchen, KnobSettings } from './appliance.ts';
import { fanOven } from './fan-oven/index.ts';
import { grill } from './grill/index.ts';
import { hob } from './hob/index.ts';
import { microwave } from './microwave/index.ts';
import { oven } from './oven/index.ts';
import { pressureCooker } from './pressure-cooker/index.ts';
import { slowCooker } from './slow-cooker/index.ts';
import { steamer } from './steamer/index.ts';
import { waterBath } from './water-bath/index.ts';
import type { CookQuestion, State } from './question.ts';
import { scenarioIn } from './run/lying.ts';
import type { Scenario } from './run/scenario.ts';

/** Every appliance there is, in the order in which their ways are shown. One more is one more line here. */
const registry = [
	slowCooker,
	pressureCooker,
	oven,
	hob,
	microwave,
	fanOven,
	waterBath,
	steamer,
	grill
] as const;

type MethodOf<A> = A extends Appliance<infer M> ? M : never;

/** A way of cooking: an appliance and how it is set. */
export type Method = MethodOf<(typeof registry)[number]>;
export type ApplianceName = Method['appliance'];
export type { State } from './question.ts';
export { hobLevels } from './hob/hob.ts';

export const applianceNames: readonly ApplianceName[] = registry.map(({ name }) => name);

const byName = new Map<string, Appliance<Method>>(
	registry.map((one) => [one.name, one as unknown as Appliance<Method>])
);

/** What is known of the appliance of a method, or of that name. Throws for a name that is none. */
export function applianceOf({ appliance }: Pick<Method, 'appliance'>): Appliance<Method> {
	const found = byName.get(appliance);
	if (!found) throw new Error(`no appliance ${appliance}`);
	return found;
}

/** Times are minutes at pressure: it is closed meanwhile, and opened at the end. */
export const isAtPressure = (method: Method): boolean =>
	applianceOf(method).leastHoldMin !== undefined;

/** One key a way, whatever order its fields came in from the database. */
export const methodKey = (method: Method): string => JSON.stringify(Object.entries(method).sort());

/** How heat comes to the food in a method. */
export const heatFamilyOf = (method: Method): HeatFamily => applianceOf(method).family(method);

/** The way the same appliance is set: pressure, level or temperature, lid. */
export const sameSetting = (a: Method, b: Method): boolean =>
	a.appliance === b.appliance && applianceOf(a).same(a, b);

/** Of how another heat `method` is than `than`: 0 the same appliance set no hotter, 1 another. */
export const otherHeat01 = (method: Method, than: Method): number =>
	method.appliance === than.appliance ? applianceOf(method).hotter01(method, than) : 1;

/** The appliances that are taken when nobody says which: both cookers and the oven. */
const usualNames: readonly ApplianceName[] = ['slow-cooker', 'pressure-cooker', 'oven'];

/** The usual settings of some appliances for a dish; those that are no place for it have none. */
export const usualMethods = (
	dish: DishForKitchen,
	owned: readonly ApplianceName[],
	knobs: KnobSettings
): Method[] =>
	registry.flatMap((one) => (owned.includes(one.name) ? (one.usual(dish, knobs) as Method[]) : []));

/** Slow cooker low and high, pressure cooker, oven: what a question without methods is asked for. */
export const defaultMethods = (
	kind: DishForKitchen['kind'],
	knob: KnobSettings['knob'] = 'c'
): Method[] =>
	usualMethods({ kind, content: 'plain', inPan: false, coreC: 0 }, usualNames, { knob });

/** What is simulated for one way of cooking a pack. `startC` when it is neither thawed nor frozen. */
export const scenarioOf = (
	question: CookQuestion,
	method: Method,
	state: State,
	startC?: number
): Scenario<Method> => scenarioIn(applianceOf(method), question, method, state, startC);

export { asHeavyAsItIs } from './checked-question.ts';
export { TableCache, efforts, type Effort } from './run/effort.ts';
export { readyMin } from './run/timeline.ts';
export { asLikely } from './run/unknowns.ts';
