/** What others take from here; files beside it are its own. */
export {
	carryOnIn,
	type CarriedOn,
	type CarryOnInput,
	type CookBegun
} from './conversion/carry-on.ts';
export type { LearnedMinutes } from './conversion/conversion.ts';
export { convertSteps, type ConvertInput, type CookOption } from './conversion/convert-cook.ts';
export { cookCurve } from './conversion/cook-curve.ts';
export { afterReading } from './conversion/core-reading.ts';
export { goalOf, targetOf } from './conversion/target.ts';
export { timelineOf } from './conversion/timeline-of.ts';
