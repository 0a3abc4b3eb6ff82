/** What others take from here; files beside it are its own. */
export { coolingStanding, type CoolingGlance } from './cooling-glance.ts';
export { coolingView, glanceOf, type CoolingFacts, type CoolingView } from './cooling-view.ts';
export {
	chosenWay,
	coolingWayNames,
	coolingWays,
	refrigeratorTakesL,
	waysInTime,
	type CoolingWay,
	type CoolingWayName,
	type CoolingWaysInput
} from './cooling-ways.ts';
export { decisionAt, gateDecision, type GateDecision } from './gate-decision.ts';
export type { TimedTemperature } from './through-readings.ts';
