import { thawingRange } from '../../freezing/thawing-range.ts';
import type { ApplianceName } from '../../appliances/index.ts';
import { afterAway, beforeAway } from '../away.ts';
import { changesWaterMin } from '../cold-water.ts';
import {
	goesIn,
	lastPot,
	potStepId,
	type CookSheet,
	type SheetPlan,
	type SheetPot,
	type SheetStep,
	type SheetStepKind,
	type SheetTicks
} from './sheet-plan.ts';
import { placedSides } from './sides.ts';

const minMs = 60_000;
/** Looking at the core, and reading what is on the thermometer, minutes (judgement). */
const measureMin = 2;
/** Kept hot is worth a line from here on, minutes. */
const waitsFromMin = 10;

/** A part of the way to the table, one after the other; what takes no hands goes on by itself. */
interface Phase {
	id: string;
	kind: SheetStepKind;
	of: number;
	minutes: number;
	hands: boolean;
	/** once it has begun the next does not wait */
	goesOn: boolean;
	uses: ApplianceName | null;
}

/**
 * The way of one meal as steps back from serving: as late as it can be begun, pushed on by what is done late, held by what was done.
 * Counts with the long end of every range. What is not done yet and has hands is never in the past: the sheet moves with the clock and
 * says by how much the wished time is missed.
 */
export function cookSheet(plan: SheetPlan, ticks: SheetTicks, nowMs: number): CookSheet {
	const phases = phasesOf(plan);
	const started = startsOf(phases, plan, ticks, nowMs);
	const steps: SheetStep[] = phases.flatMap((phase, i) => {
		const atMs = started[i];
		const untilMs = i + 1 < phases.length ? started[i + 1] : atMs;
		const { id, kind, of, hands, uses } = phase;
		const doneAtMs = ticks[id] ?? (hands ? null : untilMs <= nowMs ? untilMs : null);
		return [
			{ id, kind, of, atMs, untilMs, hands, doneAtMs, uses },
			...(kind === 'into-water' ? waterChanges(atMs, untilMs, ticks) : [])
		];
	});
	const readyAtMs = started[phases.length - 1];
	const serveWithoutSides = Math.max(readyAtMs, plan.wishMs);
	const busy = steps.flatMap(({ uses, atMs, untilMs }) => (uses ? [{ uses, atMs, untilMs }] : []));
	const sides = placedSides(plan.sides, { busy, serveAtMs: serveWithoutSides, nowMs, ticks });
	const serveAtMs =
		ticks.serve ?? Math.max(serveWithoutSides, ...sides.map((side) => side.untilMs));
	const extra = [
		...stirring(plan, steps, ticks),
		...lateSteps(plan, { steps, readyAtMs, serveAtMs, ticks }),
		...sides
	];
	if (serveAtMs - readyAtMs > waitsFromMin * minMs)
		extra.push(own('keep-hot', { atMs: readyAtMs, untilMs: serveAtMs, hands: false }, ticks));
	const all = [
		...steps.filter(({ kind }) => kind !== 'serve'),
		...extra,
		own('serve', { atMs: serveAtMs, untilMs: serveAtMs, hands: true }, ticks)
	];
	return {
		steps: all.sort((a, b) => a.atMs - b.atMs || order(a) - order(b)),
		readyAtMs,
		serveAtMs,
		missMin: Math.max(0, Math.round((serveAtMs - plan.wishMs) / minMs))
	};
}

/** Of two at one moment: what ends a phase before what is added, serving last. */
const order = ({ kind }: SheetStep) =>
	kind === 'serve' ? 3 : kind === 'side' || kind === 'late' ? 2 : kind === 'keep-hot' ? 1 : 0;

function own(
	kind: SheetStepKind,
	at: { atMs: number; untilMs: number; hands: boolean },
	ticks: SheetTicks
): SheetStep {
	return { id: kind, kind, of: 0, uses: null, doneAtMs: ticks[kind] ?? null, ...at };
}

/** The parts of the way from the freezer to the table. */
function phasesOf(plan: SheetPlan): Phase[] {
	const phases: Phase[] = [];
	const add = (
		kind: SheetStepKind,
		of: number,
		minutes: number,
		more: Partial<Pick<Phase, 'hands' | 'goesOn' | 'uses'>> = {}
	) =>
		phases.push({
			id: potStepId(kind, of),
			kind,
			of,
			minutes,
			hands: true,
			goesOn: false,
			uses: null,
			...more
		});
	const before = thawingRange(plan.beforeMin);
	if (before && before.to > 0 && plan.outSinceMs === null)
		add(plan.route === 'refrigerator' ? 'take-out' : 'into-water', 0, Math.ceil(before.to));
	plan.pots.forEach((pot, i) => {
		const uses = pot.method.appliance;
		const isLast = i === plan.pots.length - 1;
		if (pot.preheatMin > 0) add('preheat', i, pot.preheatMin, { uses });
		const pressure = pot.comeUpMin !== null;
		// what was left half way is over when the next one begins
		const setMin = isLast ? pot.setMin.to : 0;
		// it is looked at just before the long end of its range
		const looksMin = pressure || uses === 'microwave' ? 0 : Math.min(measureMin, setMin / 2);
		add(i === 0 ? 'in' : 'move', i, pressure ? (pot.comeUpMin ?? 0) : setMin - looksMin, {
			uses,
			goesOn: true
		});
		if (!isLast) return;
		if (pressure) {
			add('at-pressure', i, setMin, { uses, goesOn: true });
			add('release', i, releaseMin(pot), { uses, goesOn: true });
		}
		if (uses === 'microwave') add('rest', i, standMin(pot), { hands: false, goesOn: true });
		add('measure', i, pressure ? measureMin : looksMin, { goesOn: true });
		const restMin = Math.max(
			pressure ? pressureRestMin - measureMin : 0,
			plan.restMin,
			...plan.late.flatMap(({ how, minutes }) =>
				how === 'after-opening' ? Math.ceil(minutes.to) : []
			)
		);
		if (restMin > 0 && uses !== 'microwave')
			add('rest', i, restMin, { hands: false, goesOn: true });
	});
	add('serve', 0, 0);
	return phases;
}

/** Rest in the opened pot that every result under pressure counts with, minutes. */
const pressureRestMin = 10;

/** What is left of the whole after heating up, come-up, hold and rest. */
const releaseMin = ({ totalMin, preheatMin, comeUpMin, setMin }: SheetPot): number =>
	Math.max(0, totalMin.to - preheatMin - (comeUpMin ?? 0) - setMin.to - pressureRestMin);

const standMin = ({ totalMin, setMin }: SheetPot): number => Math.max(0, totalMin.to - setMin.to);

/** Steps up to the food going in. */
const beforeCooking: ReadonlySet<SheetStepKind> = new Set<SheetStepKind>([
	'take-out',
	'into-water',
	'preheat',
	'in'
]);

/** When each part begins: as late as serving allows, not before what leads to it, not before now where hands are wanted. */
function startsOf(
	phases: readonly Phase[],
	plan: SheetPlan,
	ticks: SheetTicks,
	nowMs: number
): number[] {
	const latest: number[] = [];
	let atMs = plan.wishMs;
	for (let i = phases.length - 1; i >= 0; i--) {
		atMs -= phases[i].minutes * minMs;
		// what has to be begun while nobody is there is begun before
		if (plan.away && beforeCooking.has(phases[i].kind)) atMs = beforeAway(atMs, plan.away);
		latest[i] = atMs;
	}
	const begun: number[] = [];
	phases.forEach((phase, i) => {
		const ticked = ticks[phase.id];
		const reached = i === 0 ? -Infinity : endOf(i - 1);
		// what is cooking does not wait for the clock
		const follows = i > 0 && phases[i - 1].goesOn;
		const waits = follows ? reached : Math.max(latest[i], reached);
		const there =
			plan.away && phase.hands && !beforeCooking.has(phase.kind)
				? afterAway(waits, plan.away)
				: waits;
		begun[i] = ticked ?? (phase.hands ? Math.max(there, nowMs) : there);
		if (phase.kind === 'measure' && ticked === undefined) {
			const said = plan.pots[phase.of].readyAtMs;
			if (said !== null) begun[i] = Math.max(said, nowMs);
		}
		if (phase.kind === 'serve' && ticked === undefined) begun[i] = reached;
	});
	function endOf(i: number): number {
		return begun[i] + phases[i].minutes * minMs;
	}
	return begun;
}

/** Water that thaws a pack is changed every half hour. */
function waterChanges(fromMs: number, toMs: number, ticks: SheetTicks): SheetStep[] {
	const steps: SheetStep[] = [];
	for (let n = 1, atMs = fromMs; ; n++) {
		atMs += changesWaterMin * minMs;
		if (atMs >= toMs - 5 * minMs) return steps;
		const id = `change-water-${n}`;
		steps.push({
			id,
			kind: 'change-water',
			of: n,
			atMs,
			untilMs: atMs,
			hands: true,
			doneAtMs: ticks[id] ?? null,
			uses: null
		});
	}
}

/** A microwave is stirred half way. */
function stirring(plan: SheetPlan, steps: readonly SheetStep[], ticks: SheetTicks): SheetStep[] {
	if (lastPot(plan).method.appliance !== 'microwave') return [];
	const last = plan.pots.length - 1;
	const heats = steps.find(({ id }) => id === goesIn(last));
	if (!heats) return [];
	const atMs = (heats.atMs + heats.untilMs) / 2;
	return [{ ...own('stir', { atMs, untilMs: atMs, hands: true }, ticks), of: last }];
}

/** What was kept back goes in so long before serving, or once the lid is off; never before the food itself. */
function lateSteps(
	plan: SheetPlan,
	at: { steps: readonly SheetStep[]; readyAtMs: number; serveAtMs: number; ticks: SheetTicks }
): SheetStep[] {
	const goesInto = goesIn(plan.pots.length - 1);
	const inAtMs = at.steps.find(({ id }) => id === goesInto);
	const opened = at.steps.find(({ kind }) => kind === 'measure');
	return plan.late.map(({ how, minutes }, i) => {
		const fromMs = how === 'after-opening' ? opened?.untilMs : inAtMs?.atMs;
		const endMs = how === 'last-open' ? (opened?.atMs ?? at.serveAtMs) : at.serveAtMs;
		const atMs = Math.max(fromMs ?? -Infinity, endMs - Math.ceil(minutes.to) * minMs);
		const id = `late-${i}`;
		return {
			id,
			kind: 'late',
			of: i,
			atMs,
			untilMs: Math.max(atMs, endMs),
			hands: true,
			doneAtMs: at.ticks[id] ?? null,
			uses: null
		};
	});
}
