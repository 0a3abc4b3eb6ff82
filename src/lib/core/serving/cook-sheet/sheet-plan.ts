import type { Spread } from '../../cooking/conversion/conversion.ts';
import type { Method, State } from '../../appliances/index.ts';
import type { ApplianceName } from '../../appliances/index.ts';
import type { LateAddition } from '../add-late.ts';
import type { Away } from '../away.ts';
import type { RouteName } from '../route-name.ts';

/** One appliance a dish cooks in; a dish that is moved half way has several, the last is the one it is in. */
export interface SheetPot {
	method: Method;
	state: State;
	/** minutes to set, from its food going in (under pressure: at pressure) */
	setMin: Spread;
	/** from switching on to ready: heating up, come-up, release and rest included */
	totalMin: Spread;
	preheatMin: number;
	/** minutes until it is at pressure; null where there is none */
	comeUpMin: number | null;
	addLiquidL: number;
	/** still good for so long after switching on; null: it does not matter, or is not known */
	goodUntilMin: number | null;
	/** a reading of the core said so: ready then, whatever was forecast */
	readyAtMs: number | null;
	/** it was found never to have been switched on */
	off?: boolean;
}

/** Something that is served with it and takes its own time. */
export interface SideDish {
	name: string;
	minutes: number;
	uses: ApplianceName | null;
}

/** Everything the steps of one meal follow from. */
export interface SheetPlan {
	/** when it is wished on the table, epoch ms */
	wishMs: number;
	route: RouteName;
	/** likely minutes out of the freezer before it goes in; 0: straight in */
	beforeMin: number;
	/** it lies out to thaw since then; null: it is still in the freezer */
	outSinceMs: number | null;
	pots: SheetPot[];
	/** raw packs thaw on a tray */
	raw: boolean;
	/** minutes a whole cut rests before it is cut */
	restMin: number;
	late: LateAddition[];
	sides: SideDish[];
	/** nobody is in the kitchen meanwhile */
	away?: Away | null;
}

/** What a step is; its words are elsewhere. */
export type SheetStepKind =
	| 'take-out'
	| 'into-water'
	| 'change-water'
	| 'preheat'
	| 'in'
	| 'move'
	| 'at-pressure'
	| 'release'
	| 'stir'
	| 'late'
	| 'measure'
	| 'rest'
	| 'keep-hot'
	| 'side'
	| 'serve';

export interface SheetStep {
	id: string;
	kind: SheetStepKind;
	atMs: number;
	untilMs: number;
	/** somebody has to do something; what has none goes on by itself */
	hands: boolean;
	doneAtMs: number | null;
	/** which of the pots, of the late additions or of the sides it is about */
	of: number;
	/** what it occupies from `atMs` to `untilMs` */
	uses: ApplianceName | null;
}

export interface CookSheet {
	/** in the order of the clock */
	steps: SheetStep[];
	readyAtMs: number;
	serveAtMs: number;
	/** minutes after the wished time; 0: it is met */
	missMin: number;
}

/** A step of one of the pots: the first has the bare name. */
export const potStepId = (kind: SheetStepKind, pot: number): string =>
	pot === 0 ? kind : `${kind}-${pot}`;

/** The step by which food goes into a pot: put in, or moved there from the one before. */
export const goesIn = (pot: number): string => potStepId(pot === 0 ? 'in' : 'move', pot);

/** The pot it is in, or will be. */
export const lastPot = ({ pots }: Pick<SheetPlan, 'pots'>): SheetPot => pots[pots.length - 1];

/** When steps were done, by their id, epoch ms. */
export type SheetTicks = Readonly<Record<string, number>>;
