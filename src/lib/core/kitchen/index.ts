/** What others take from here; files beside it are its own. */
export {
	slowCookerModel,
	type Bowl,
	type PressureCooker,
	type SlowCooker
} from './appliance-parameters.ts';
export { measuredPressureCooker, measuredSlowCooker } from './measured-appliances.ts';
export {
	burnerHighW,
	earlierAppliances,
	usualAppliances,
	type OwnedAppliances
} from './owned-appliances.ts';
export type { PlaceName } from './places.ts';
