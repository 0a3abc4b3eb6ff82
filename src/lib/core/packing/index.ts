/** What others take from here; files beside it are its own. */
export { blockFormTimes, blockForms, type FormName, type FormTimes } from './block-shapes.ts';
export { containersFor, portionL, type ContainerChoice } from './choose-container.ts';
export { fillPlan, unevenness01 } from './fill-order.ts';
export { fillLimitL, headspaceMm } from './headspace.ts';
export { packCode, readPackCode } from './pack-code.ts';
export { lumpBlock, packPlan, planBlock, planLife, type PackPlan } from './pack-plan.ts';
export { piecesIn, piecesOfMethod, readPieces, type DishPieces } from './pieces.ts';
export {
	plateKind,
	plateLines,
	servingsOnPlate,
	type DishOnPlate,
	type PlatePart
} from './plates.ts';
export { thisPack, type ThisPack } from './this-pack.ts';
