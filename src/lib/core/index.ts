/** The public face of the computation core. Pure functions of their arguments. See docs/numbers.md. */
export type { Composition } from './foods/composition.ts';
export type { ConstantMaterial, FoodSpec } from './foods/food-spec.ts';
export { foodProperties } from './foods/food-properties.ts';
export { airPressureKPa } from './water/air-pressure.ts';
export { boilingC } from './water/saturation.ts';
export type { Shape } from './heat/shape.ts';
export {
	simulateInSurroundings,
	type Crossing,
	type Run,
	type Stage,
	type SurfaceWPerM2K
} from './heat/simulate-in-surroundings.ts';
export { cookValueMin } from './heat/cook-value.ts';
export {
	predictCooling,
	type CoolingInput,
	type CoolingPlace,
	type CoolingResult
} from './cooling/predict-cooling.ts';
export { freezingTime } from './freezing/freezing-time.ts';
export { thawingTime } from './freezing/thawing-time.ts';
export type {
	Bowl,
	Kitchen,
	Oven,
	PressureCooker,
	SlowCooker
} from './kitchen/appliance-parameters.ts';
export type { CookedPiece } from './appliances/run/load.ts';
export type { CookRun } from './appliances/run/cook-run.ts';
export { runSlowCooker } from './appliances/slow-cooker/run-slow-cooker.ts';
export { runPressureCooker } from './appliances/pressure-cooker/run-pressure-cooker.ts';
export { runOven } from './appliances/oven/run-oven.ts';
export type { DishKind } from './published/dish-kinds.ts';
export type { Method, State } from './appliances/index.ts';
export { cookCurve, type CookCurve } from './cooking/conversion/cook-curve.ts';
export {
	convertCook,
	convertSteps,
	type ConvertInput,
	type ConvertStep,
	type CookOption,
	type LikelyTimes,
	type Spread
} from './cooking/conversion/convert-cook.ts';
export type { StorageGroup } from './published/storage-life.ts';
export { coolBox } from './storage/cool-box.ts';
export { storageLife, type StoredPart } from './storage/storage-life.ts';
export { choosePacks, type PackChoice, type PackOffer } from './shopping/choose-packs.ts';
export { scheduleDay } from './schedule/schedule-day.ts';
export type { DayInput, DaySchedule, Hygiene, Task } from './schedule/task.ts';
export { CoreError, coreErrorCodes, type CoreErrorCode } from './errors.ts';
export type { LineStage } from './foods/dish-facts.ts';
export { dishFacts, type DishFacts } from './foods/dish-facts.ts';
export { dishNutrition } from './foods/dish-nutrition.ts';
export { freezerCheck } from './foods/freezer-check.ts';
export { itemByName, type Item } from './foods/item-catalogue.ts';
export { findItem } from './foods/find-item.ts';
export { scaledLine } from './foods/scale-dish.ts';
export type { ScaledLine } from './foods/scaled-amount.ts';
export { packPlan, type Block, type PackPlan, type PackPlanInput } from './packing/pack-plan.ts';
export { judgeCooling, type CoolingJudgement, type GateTimes } from './rules/judge-cooling.ts';
export { delayedStart, type DelayedStart } from './serving/delayed-start.ts';
export { priceLines } from './shopping/shop-costs.ts';
export { shoppingList } from './shopping/shopping-list.ts';
export { powerCutVerdict } from './rules/power-cut.ts';
export { pullTimes, type PullTimes } from './rules/pull.ts';
export { keepsDays } from './rules/refrigerator-days.ts';
export { stillGood } from './rules/still-good.ts';
export { staysHotMin } from './rules/stays-hot.ts';
export { judgeRun, type RunVerdict } from './rules/judge-run.ts';
export { coolingWays } from './cooling/cooling-ways.ts';
export { applianceNames, applianceOf, type ApplianceName } from './appliances/index.ts';
export { refreeze } from './rules/refreeze.ts';
