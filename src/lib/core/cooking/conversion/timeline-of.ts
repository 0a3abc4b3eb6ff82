import { applianceOf, type Method } from '../../appliances/index.ts';
import { PressureBranches } from '../../appliances/pressure-cooker/pressure-branches.ts';
import { comeUp, hold, releaseAndRest } from '../../appliances/pressure-cooker/pressure-phases.ts';
import type { CookingState } from '../../appliances/run/cooking-state.ts';
import type { Effort, TableCache } from '../../appliances/run/effort.ts';
import type { RunningCook } from '../../appliances/run/running-cook.ts';
import type { Scenario } from '../../appliances/run/scenario.ts';
import { emptyTimeline, reaches, type Goal, type Timeline } from '../../appliances/run/timeline.ts';
import type { Unknowns } from '../../appliances/run/unknowns.ts';
import { dishKinds } from '../../published/dish-kinds.ts';

/** How a pot under pressure is opened, where a method says so. */
export const releaseOf = (method: Method): 'natural' | 'quick' =>
	('release' in method && method.release) || 'natural';

/** The food in its appliance, about to be switched on. */
export const startedCook = (
	scenario: Scenario<Method>,
	u: Unknowns,
	effort: Effort,
	tables: TableCache
): RunningCook => applianceOf(scenario.method).start(scenario, u, effort, tables);

function push(
	t: Timeline,
	{ question }: Scenario,
	state: CookingState,
	at: { setMin: number; totalMin: number; coreC: number }
): void {
	t.setMin.push(at.setMin);
	t.totalMin.push(at.totalMin);
	const { measure } = dishKinds[question.kind];
	t.cookMin.push(measure === 'mean' ? state.meanCookMin : state.coldestCookMin);
	t.coreC.push(at.coreC);
	t.lethality70Min.push(state.lethality70Min);
	t.hazardH.push(state.hazardH);
	t.poolHazardH.push(state.poolHazardH);
}

export interface TimelineRequest {
	scenario: Scenario<Method>;
	unknowns: Unknowns;
	effort: Effort;
	tables: TableCache;
	/** the run ends when this is reached */
	until: Goal;
	/** goals on the way whose times are wanted as exactly (under pressure only what is asked for is computed) */
	marks?: readonly Goal[];
	/** or here: minutes from switching on (slow cooker, oven), minutes at pressure */
	longestMin: number;
	/** under pressure: hold times whose release is wanted exactly (a recipe's own minutes) */
	holdsMin?: readonly number[];
}

/** Runs a scenario; also gives minutes of come-up under pressure. */
export function timelineOf(request: TimelineRequest): Timeline & { comeUpMin: number | null } {
	const { scenario, unknowns, effort, tables } = request;
	const cook = startedCook(scenario, unknowns, effort, tables);
	return cook.atPressure
		? pressureTimeline(request, cook.atPressure)
		: steadyTimeline(request, cook);
}

/** The longest run has at least so many steps: what is over in minutes is looked at by the second. */
const leastSteps = 240;

function steadyTimeline(
	{ scenario, effort, until, longestMin }: TimelineRequest,
	cook: RunningCook
) {
	const timeline = emptyTimeline();
	const record = () =>
		push(timeline, scenario, cook, {
			setMin: cook.minute,
			totalMin: cook.minute,
			coreC: cook.coldestC
		});
	record();
	const stepS = Math.min(effort.slowS, (longestMin * 60) / leastSteps);
	while (cook.minute < longestMin - 1e-9 && !reaches(timeline, until)) {
		cook.step(Math.min(stepS, (longestMin - cook.minute) * 60));
		record();
	}
	return { ...timeline, comeUpMin: null };
}

/**
 * One run of the hold with snapshots, from which releases branch off. A release costs more than the hold between two of them, so
 * only those are run that a search for the goals asks for.
 */
function pressureTimeline(
	request: TimelineRequest,
	{ pot, powerW, targetC }: NonNullable<RunningCook['atPressure']>
) {
	const { scenario, effort, longestMin } = request;
	const release = releaseOf(scenario.method);
	const { pressureS, releaseS } = effort;
	const comeUpMin = comeUp(pot, { powerW, targetC, stepS: pressureS });
	if (comeUpMin === null) return { ...emptyTimeline(), comeUpMin };
	const branches = new PressureBranches({
		pot,
		hold: (minutes) => hold(pot, { targetC, minutes, stepS: pressureS }),
		release: (end) => {
			const { openedC } = releaseAndRest(end, { release, stepS: releaseS });
			return scenario.question.reheat ? openedC : end.coldestC;
		},
		nextMin: (heldMin) => Math.min(longestMin, heldMin + Math.max(effort.holdMin, heldMin * 0.1)),
		record: (timeline, end, at) => push(timeline, scenario, end, at)
	});
	if (request.holdsMin) branches.exactly(request.holdsMin);
	else
		for (const goal of [...(request.marks ?? []), request.until]) branches.search(goal, longestMin);
	return { ...branches.timeline(), comeUpMin };
}
