/** What others take from here; files beside it are its own. */
export { defaultCompositions, someFood } from './default-compositions.ts';
export { dishFacts, type DishFacts, type LineStage } from './dish-facts.ts';
export { dishNutrition } from './dish-nutrition.ts';
export { dishTraits } from './dish-traits.ts';
export { findItem, otherItems, readItem, type ItemHint } from './find-item.ts';
export type { FoodSpec } from './food-spec.ts';
export { freezerCheck, partCookedStep, type FreezerFinding } from './freezer-check.ts';
export { heaviestMeat } from './heaviest-meat.ts';
export { allItems, itemByName, itemNames, likeOf } from './item-catalogue.ts';
export { dried } from './item-forms.ts';
export type { Item } from './item.ts';
export { kindByCut, toughCuts } from './kind-by-cut.ts';
export { isWholePiece, kindHandling, piecesAir01 } from './kind-handling.ts';
export {
	classAnswers,
	lineForms,
	lineKeys,
	type LineCorrection,
	type LineDoubt,
	type LineForm
} from './line-correction.ts';
export { lineKg } from './line-mass.ts';
export { nameWords } from './name-words.ts';
export { roundedNutrition, type Nutrition } from './nutrition.ts';
export { comesRaw, hygieneOf } from './raw-animal.ts';
export { isRawAnimalClass, isRawMeatClass } from './raw-class.ts';
export { longestLine, longestPaste, mostLines } from './recipe-limits.ts';
export { comesWhole, scaledLine } from './scale-dish.ts';
export { scaledAmount } from './scaled-amount.ts';
export { isDishName, isIce, namedStock } from './stock-name.ts';
