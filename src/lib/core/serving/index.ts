/** What others take from here; files beside it are its own. */
export { addLate, type LateAddition } from './add-late.ts';
export { asIf, thawedOf, type AsIf } from './as-if.ts';
export { asOfToday, changesSince, isCurrent, type CardChange } from './as-of-today.ts';
export type { Away } from './away.ts';
export { cardQuestion, coldTapC } from './card-question.ts';
export { cookCard, type CookCard, type CookCardInput } from './cook-card.ts';
export { cookSheet } from './cook-sheet/cook-sheet.ts';
export { planOfWay, type KeptBack } from './cook-sheet/plan-of-way.ts';
export { nextPot } from './cook-sheet/pot-of.ts';
export {
	goesIn,
	lastPot,
	type CookSheet,
	type SheetPlan,
	type SheetPot,
	type SheetStep,
	type SheetTicks,
	type SideDish
} from './cook-sheet/sheet-plan.ts';
export { delayedStart, type DelayedStart } from './delayed-start.ts';
export { inDinnerOrder } from './dinner-order.ts';
export {
	eveningOf,
	inOrder,
	waysInTime,
	type Evening,
	type EveningAsked,
	type EveningWay
} from './evening.ts';
export { lyingBy } from './lying-by.ts';
export { neverOn } from './never-on.ts';
export { packsFor } from './packs-for.ts';
export { routeNames, stateOf, type RouteName } from './route-name.ts';
export { routesFrom } from './routes-from.ts';
export { thawRoutes, type Route } from './thaw-routes.ts';
export { clashes, type ApplianceUse, type Clash } from './weeks/clashes.ts';
export { fillWeek, unplannedPast, type DishStock } from './weeks/fill-week.ts';
export { mondayOf } from './weeks/monday.ts';
export { whenToStart, type StartPlan } from './when-to-start.ts';
