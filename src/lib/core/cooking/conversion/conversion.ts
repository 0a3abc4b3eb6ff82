import type { ApplianceName, Method, State } from '../../appliances/index.ts';
import type { CookQuestion } from '../../appliances/question.ts';
import type { Pace } from '../../learning/pace.ts';
import type { Advice, Reason } from '../../rules/reasons.ts';

export interface Spread {
	/** P10 */ from: number;
	likely: number;
	/** P90 */ to: number;
}
export interface CookOption {
	method: Method;
	state: State;
	/** what the cook sets so that it is ready: minutes in the slow cooker or oven, minutes at pressure. null: refused or never ready */
	setMin: Spread | null;
	/** from switching on to ready: come-up, release and rest included */
	totalMin: Spread | null;
	/** the same figures when refused or when the block does not fit, to be shown with the reason, never as advice */
	computedMin: Spread | null;
	/** still good until, minutes after switching on (slow cooker, oven); null when it does not matter or is not known */
	goodUntilMin: number | null;
	/** least core temperature reached; under pressure the higher of the end of hold and the end of rest */
	coreEndC: number | null;
	/** worst cell, the pool of a loose dish included, hours between 5 and 60 °C, likely and at the unfavourable end */
	hazardH: { likely: number; worst: number } | null;
	addLiquidL: number;
	fill01: number;
	blockFits: boolean | null;
	advice: Advice;
	/** codes with their numbers; wording comes later */
	reasons: Reason[];
	/** minutes before the food goes in: the oven gets hot, the bath's water warm; part of `totalMin` */
	preheatMin?: number;
	/** minutes until it is at pressure, likely */
	comeUpMin: number | null;
	/** the nearest good way, given when this one is refused */
	instead: { method: Method; state: State } | null;
}

/** What the household learned of a dish in one appliance from one state: so many minutes more, or less, than computed. */
export interface LearnedMinutes {
	appliance: ApplianceName;
	state: State;
	byMin: number;
}

export interface ConvertInput extends CookQuestion {
	/** what the recipe says (under pressure: minutes at pressure); null: the kind's own target */
	known: {
		method: Method;
		state: State;
		startC?: number;
		minutes: { from: number; to: number };
	} | null;
	methods?: Method[];
	/** how this household's appliances keep time, as learned from its cooks; none: as computed for their kind */
	paces?: Partial<Record<ApplianceName, Pace>>;
	/** what it learned of this dish; never below what is safe */
	learned?: readonly LearnedMinutes[];
	/** likely hours between 5 and 60 °C allowed, when tightened; default 4 */
	dangerH?: number;
}
